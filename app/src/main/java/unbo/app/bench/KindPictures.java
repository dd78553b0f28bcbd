package unbo.app.bench;

import java.time.Duration;
import java.util.Map;

import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.web.SvgWriter;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.designation.Decoder;
import unbo.core.tools.section.Section;

/** The section of each kind of assembly as it usually is, for choosing by picture. */
@RestController
class KindPictures {

    private static final MediaType SVG = MediaType.valueOf("image/svg+xml");
    private static final Duration KEPT = Duration.ofHours(1);

    private final SvgWriter svg;

    KindPictures(SvgWriter svg) {
        this.svg = svg;
    }

    @GetMapping("/kinds/{code}.svg")
    ResponseEntity<String> picture(@PathVariable String code) {
        AssemblyKind kind =
                AssemblyKind.find(code).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        Assembly usual =
                Assembly.of(new Assembly.Asked(kind.code(), Map.of(), Assembly.Grip.USUAL, Map.of()), Decoder.SHIPPED);
        return ResponseEntity.ok()
                .contentType(SVG)
                .cacheControl(CacheControl.maxAge(KEPT))
                .body(svg.alone(Section.of(usual, Section.View.WHOLE)));
    }
}
