package unbo.app.web;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.web.util.HtmlUtils;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;

/** Turns drawings into SVG: the only place that does. Looks come from the style sheet by class, never inline. */
@Component("svg")
public class SvgWriter {

    /** Where the looks for print stand: plain CSS 2 in em, of which the drawing is 100 wide. */
    private static final String PRINT_LOOKS = "static/assets/drawing.css";

    /** Of so many em a drawing is wide. */
    private static final double ACROSS = 100;
    /** A small picture is as wide, or as tall by its ratio. */
    private static final double SMALL_ACROSS = 26;

    private static final double SMALL_RATIO = 0.8;

    /** An element for a page; {@code turnable} lets the keyboard reach it. */
    public String write(Drawing drawing, boolean turnable) {
        return write(drawing, turnable ? "application" : "img", "", Map.of());
    }

    /** A drawing of parts that lead somewhere when they are touched: addresses by the codes of the parts. */
    public String linked(Drawing drawing, Map<String, Link> links) {
        return write(drawing, links.isEmpty() ? "img" : "group", "", links);
    }

    /** Where a part of a drawing leads, and what it is called for those who do not see it. */
    public record Link(String address, String words) {}

    /** A small picture beside words that say what it is: hatched wider, silent to those who do not see it. */
    public String small(Drawing drawing) {
        return write(drawing, "presentation", "", Map.of());
    }

    /** A drawing that carries its looks with it, for paper and for a file of its own. */
    public String alone(Drawing drawing) {
        try {
            return write(
                    drawing,
                    "img",
                    new ClassPathResource(PRINT_LOOKS).getContentAsString(StandardCharsets.UTF_8),
                    Map.of());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String write(Drawing drawing, String role, String looks, Map<String, Link> links) {
        StringBuilder out = new StringBuilder(4096);
        boolean small = role.equals("presentation");
        double em = small
                ? Math.max(drawing.width(), drawing.height() / SMALL_RATIO) / SMALL_ACROSS
                : drawing.width() / ACROSS;
        String title = drawing.name() + "-title";
        out.append("<svg xmlns=\"http://www.w3.org/2000/svg\" class=\"drawing\" role=\"")
                .append(role)
                .append("\" data-drawing=\"")
                .append(escape(drawing.name()))
                .append(small ? "\" aria-hidden=\"true" : "\" aria-labelledby=\"" + title)
                .append('"')
                .append(role.equals("application") ? " tabindex=\"0\"" : "")
                .append(" viewBox=\"")
                .append(n(drawing.left()))
                .append(' ')
                .append(n(drawing.top()))
                .append(' ')
                .append(n(drawing.width()))
                .append(' ')
                .append(n(drawing.height()))
                .append("\" font-size=\"")
                .append(n(em))
                .append("\">");
        if (!small) {
            out.append("<title id=\"")
                    .append(title)
                    .append("\">")
                    .append(escape(drawing.title()))
                    .append("</title>");
        }
        if (!looks.isEmpty()) {
            out.append("<style>").append(looks).append("</style>");
        }
        defs(out, drawing.name(), em);
        drawing.shapes().forEach(shape -> {
            if (shape instanceof Shape.Tagged tagged) {
                tagged(out, tagged, links.get(tagged.part()), drawing);
            } else {
                shape(out, shape, drawing);
            }
        });
        return out.append("</svg>").toString();
    }

    private static void defs(StringBuilder out, String name, double gap) {
        hatch(out, name + "-solid", gap, 45);
        hatch(out, name + "-twin", gap, -45);
        out.append("<defs><pattern id=\"")
                .append(name)
                .append("-grease\" patternUnits=\"userSpaceOnUse\" width=\"")
                .append(n(gap))
                .append("\" height=\"")
                .append(n(gap))
                .append("\"><circle class=\"dots\" cx=\"")
                .append(n(gap / 2))
                .append("\" cy=\"")
                .append(n(gap / 2))
                .append("\" r=\"")
                .append(n(gap / 5))
                .append("\"/></pattern></defs>");
    }

    private static void hatch(StringBuilder out, String id, double gap, int degrees) {
        out.append("<defs><pattern id=\"")
                .append(id)
                .append("\" patternUnits=\"userSpaceOnUse\" width=\"")
                .append(n(gap))
                .append("\" height=\"")
                .append(n(gap))
                .append("\" patternTransform=\"rotate(")
                .append(degrees)
                .append(")\"><line class=\"hatch\" x1=\"0\" y1=\"0\" x2=\"0\" y2=\"")
                .append(n(gap))
                .append("\"/></pattern></defs>");
    }

    private static void shape(StringBuilder out, Shape shape, Drawing drawing) {
        if (shape instanceof Shape.Outline outline) {
            out.append(outline.closed() ? "<polygon" : "<polyline")
                    .append(look(outline.role(), outline.known(), drawing))
                    .append(" points=\"")
                    .append(points(outline.points()))
                    .append("\"/>");
        } else if (shape instanceof Shape.Circle circle) {
            out.append("<circle")
                    .append(look(circle.role(), circle.known(), drawing))
                    .append(" cx=\"")
                    .append(n(circle.centre().x()))
                    .append("\" cy=\"")
                    .append(n(circle.centre().y()))
                    .append("\" r=\"")
                    .append(n(circle.radius()))
                    .append("\"/>");
        } else if (shape instanceof Shape.Arc arc) {
            arc(out, arc, drawing);
        } else if (shape instanceof Shape.Label label) {
            label(out, label.at(), label.text(), label.anchor(), label.size(), label.role());
        } else if (shape instanceof Shape.Dimension dimension) {
            dimension(out, dimension);
        } else if (shape instanceof Shape.Turned turned) {
            out.append("<g data-turn=\"")
                    .append(escape(turned.name()))
                    .append("\" transform=\"rotate(")
                    .append(n(-turned.degrees()))
                    .append(")\">");
            group(out, turned.shapes(), drawing);
        } else if (shape instanceof Shape.Tagged tagged) {
            tagged(out, tagged, null, drawing);
        } else if (shape instanceof Shape.Moved moved) {
            out.append("<g transform=\"translate(")
                    .append(n(moved.to().x()))
                    .append(' ')
                    .append(n(moved.to().y()))
                    .append(")\">");
            group(out, moved.shapes(), drawing);
        } else if (shape instanceof Shape.Spinning spinning) {
            out.append("<g data-spin=\"")
                    .append(String.format(Locale.ROOT, "%.5f", spinning.turns()))
                    .append("\">");
            group(out, spinning.shapes(), drawing);
        }
    }

    /** A part; a link where it leads somewhere. @param link null where it does not */
    private static void tagged(StringBuilder out, Shape.Tagged tagged, Link link, Drawing drawing) {
        String words = link == null ? tagged.title() : link.words();
        out.append(link == null ? "<g" : "<a")
                .append(" class=\"part-of")
                .append(tagged.now() ? " part-now" : "")
                .append("\" data-part=\"")
                .append(escape(tagged.part()));
        if (link != null) {
            out.append("\" href=\"")
                    .append(escape(link.address()))
                    .append("\" aria-label=\"")
                    .append(escape(words));
        }
        out.append("\"><title>").append(escape(words)).append("</title>");
        tagged.shapes().forEach(inner -> shape(out, inner, drawing));
        out.append(link == null ? "</g>" : "</a>");
    }

    private static void group(StringBuilder out, List<Shape> shapes, Drawing drawing) {
        shapes.forEach(inner -> shape(out, inner, drawing));
        out.append("</g>");
    }

    private static void arc(StringBuilder out, Shape.Arc arc, Drawing drawing) {
        Point from = Point.polar(arc.radius(), arc.fromDeg());
        Point to = Point.polar(arc.radius(), arc.toDeg());
        int large = arc.toDeg() - arc.fromDeg() > 180 ? 1 : 0;
        out.append("<path fill=\"none\"")
                .append(look(arc.role(), Known.TABLE, drawing))
                .append(" d=\"M")
                .append(n(from.x()))
                .append(' ')
                .append(n(from.y()))
                .append('A')
                .append(n(arc.radius()))
                .append(' ')
                .append(n(arc.radius()))
                .append(" 0 ")
                .append(large)
                .append(" 0 ")
                .append(n(to.x()))
                .append(' ')
                .append(n(to.y()))
                .append("\"/>");
    }

    private static void dimension(StringBuilder out, Shape.Dimension d) {
        extension(out, d.from(), d.lineFrom());
        extension(out, d.to(), d.lineTo());
        double dx = d.lineTo().x() - d.lineFrom().x();
        double dy = d.lineTo().y() - d.lineFrom().y();
        double length = Math.hypot(dx, dy);
        out.append("<line class=\"d thin\"")
                .append(line(d.lineFrom(), d.lineTo()))
                .append("/>");
        if (length > 0) {
            double ux = dx / length;
            double uy = dy / length;
            arrow(out, d.lineFrom(), ux, uy, d.size());
            arrow(out, d.lineTo(), -ux, -uy, d.size());
        }
        boolean upright = Math.abs(dy) > Math.abs(dx);
        double mx = (d.lineFrom().x() + d.lineTo().x()) / 2;
        double my = (d.lineFrom().y() + d.lineTo().y()) / 2;
        Role role = d.known() == Known.ESTIMATED ? Role.THIN : Role.MARK;
        if (upright) {
            out.append("<g transform=\"translate(")
                    .append(n(mx - d.size() * 0.4))
                    .append(' ')
                    .append(n(my))
                    .append(") rotate(-90)\">");
            label(out, Point.of(0, 0), d.text(), "middle", d.size(), role);
            out.append("</g>");
        } else {
            label(out, Point.of(mx, my - d.size() * 0.4), d.text(), "middle", d.size(), role);
        }
    }

    private static void extension(StringBuilder out, Point from, Point to) {
        if (!from.equals(to)) {
            out.append("<line class=\"d thin\"").append(line(from, to)).append("/>");
        }
    }

    private static String line(Point from, Point to) {
        return " x1=\"" + n(from.x()) + "\" y1=\"" + n(from.y()) + "\" x2=\"" + n(to.x()) + "\" y2=\"" + n(to.y())
                + "\"";
    }

    private static void arrow(StringBuilder out, Point tip, double ux, double uy, double size) {
        double length = size * 0.7;
        double half = size * 0.18;
        out.append("<polygon class=\"arrow\" points=\"")
                .append(points(List.of(
                        tip,
                        Point.of(tip.x() + ux * length - uy * half, tip.y() + uy * length + ux * half),
                        Point.of(tip.x() + ux * length + uy * half, tip.y() + uy * length - ux * half))))
                .append("\"/>");
    }

    private static void label(StringBuilder out, Point at, String text, String anchor, double size, Role role) {
        out.append("<text class=\"t ")
                .append(word(role))
                .append("\" x=\"")
                .append(n(at.x()))
                .append("\" y=\"")
                .append(n(at.y()))
                .append("\" font-size=\"")
                .append(n(size))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\" dominant-baseline=\"middle\">")
                .append(escape(text))
                .append("</text>");
    }

    private static String look(Role role, Known known, Drawing drawing) {
        String fill = switch (role) {
            case SOLID -> " fill=\"url(#" + drawing.name() + "-solid)\"";
            case SOLID_TWIN -> " fill=\"url(#" + drawing.name() + "-twin)\"";
            case GREASE -> " fill=\"url(#" + drawing.name() + "-grease)\"";
            default -> "";
        };
        String filled = fill.isEmpty() ? " hollow" : " filled";
        return " class=\"d " + word(role) + " " + known.name().toLowerCase(Locale.ROOT) + filled + "\"" + fill;
    }

    private static String word(Role role) {
        return role.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static String points(List<Point> points) {
        StringBuilder text = new StringBuilder();
        points.forEach(p -> text.append(text.isEmpty() ? "" : " ")
                .append(n(p.x()))
                .append(',')
                .append(n(p.y())));
        return text.toString();
    }

    /** To a hundredth, without idle zeros. */
    private static String n(double value) {
        long hundredths = Math.round(value * 100);
        String sign = hundredths < 0 ? "-" : "";
        long whole = Math.abs(hundredths) / 100;
        long rest = Math.abs(hundredths) % 100;
        return rest == 0
                ? sign + whole
                : rest % 10 == 0 ? sign + whole + "." + rest / 10 : sign + whole + (rest < 10 ? ".0" : ".") + rest;
    }

    private static String escape(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }
}
