package unbo.app.web;

import java.util.List;
import java.util.Map;
import java.util.Set;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;

import org.springframework.boot.autoconfigure.web.servlet.error.ErrorViewResolver;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.ModelAndView;

/**
 * What could not be done is said with what was typed beside it, ready to be sent again; what another site sent is not
 * offered.
 */
@Component
class ErrorPages implements ErrorViewResolver {

    private static final Set<HttpStatus> NOT_AGAIN = Set.of(
            HttpStatus.FORBIDDEN, HttpStatus.NOT_FOUND, HttpStatus.METHOD_NOT_ALLOWED, HttpStatus.PAYLOAD_TOO_LARGE);

    @Override
    public ModelAndView resolveErrorView(HttpServletRequest request, HttpStatus status, Map<String, Object> model) {
        String type = String.valueOf(request.getContentType());
        boolean form = request.getMethod().equals("POST")
                && type.startsWith(MediaType.APPLICATION_FORM_URLENCODED_VALUE)
                && !NOT_AGAIN.contains(status)
                && !Ours.foreign(request);
        ModelAndView page = new ModelAndView("error", model, status);
        String reason = status == HttpStatus.CONFLICT || status == HttpStatus.FORBIDDEN
                ? java.util.Objects.toString(request.getAttribute(RequestDispatcher.ERROR_MESSAGE), "")
                : "";
        page.addObject("reason", reason);
        page.addObject("form", form);
        page.addObject("sent", form ? Sent.of(request) : List.of());
        return page;
    }
}
