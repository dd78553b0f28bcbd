package unbo.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * A request for a part of a page gets its section without head, shortcuts and scripts. Where only the answer and what
 * stands under the boxes is swapped, templates read so in {@code answering} and leave out the rest.
 */
@Configuration
public class Fragments implements WebMvcConfigurer, HandlerInterceptor {

    private static final String ASKED_BY_SCRIPT = "HX-Request";
    /** Whether nothing but the answer and the echoes of the boxes is shown; a page that shows more says so itself. */
    public static final String ANSWERING = "answering";

    private static final String SWAPPED = "HX-Target";
    private static final String WHOLE_PAGE = "HX-Boosted";

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void postHandle(
            HttpServletRequest request, HttpServletResponse response, Object handler, ModelAndView answer) {
        if (answer == null
                || request.getHeader(ASKED_BY_SCRIPT) == null
                || request.getHeader(WHOLE_PAGE) != null
                || !(handler instanceof HandlerMethod method)
                || !method.getBeanType().isAnnotationPresent(Page.class)) {
            return;
        }
        String view = answer.getViewName();
        if (view != null && !view.contains(":")) {
            answer.setViewName(view + " :: section");
            String swapped = request.getHeader(SWAPPED);
            answer.getModel().putIfAbsent(ANSWERING, swapped != null && swapped.endsWith("answer"));
            response.addHeader("Vary", ASKED_BY_SCRIPT);
        }
    }
}
