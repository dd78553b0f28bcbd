package unbo.app.web;

import java.util.Collections;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;

import org.thymeleaf.spring6.view.ThymeleafView;

/**
 * A page whose variables stand in a map of its own while its template runs. A template asks for hundreds of them, and
 * the request hands each question through a dozen wrappers.
 */
public class SheetView extends ThymeleafView {

    @Override
    public void render(Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        super.render(model, new OwnAttributes(request), response);
    }

    /** Attributes that are read from a request once and set on it never. */
    private static final class OwnAttributes extends HttpServletRequestWrapper {

        private final Map<String, Object> values = new HashMap<>();

        OwnAttributes(HttpServletRequest request) {
            super(request);
        }

        @Override
        public Object getAttribute(String name) {
            Object value = values.get(name);
            if (value == null && !values.containsKey(name)) {
                value = super.getAttribute(name);
                values.put(name, value);
            }
            return value;
        }

        @Override
        public void setAttribute(String name, Object value) {
            values.put(name, value);
        }

        @Override
        public void removeAttribute(String name) {
            values.put(name, null);
        }

        @Override
        public Enumeration<String> getAttributeNames() {
            Set<String> names = new TreeSet<>(Collections.list(super.getAttributeNames()));
            values.forEach((name, value) -> {
                if (value == null) {
                    names.remove(name);
                } else {
                    names.add(name);
                }
            });
            return Collections.enumeration(names);
        }
    }
}
