package unbo.app.web;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

import unbo.app.workshop.Workshop;
import unbo.app.workshop.WorkshopService;

/** What the head of every page needs. */
@ControllerAdvice(annotations = Page.class)
class PageModel {

    private static final Pattern JOB = Pattern.compile("/jobs/(\\d{1,18})(?:/.*)?");

    private final WorkshopService workshops;
    private final Assets assets;

    PageModel(WorkshopService workshops, Assets assets) {
        this.workshops = workshops;
        this.assets = assets;
    }

    /** Where styles and scripts are found. */
    @ModelAttribute("assets")
    String assets() {
        return assets.path();
    }

    @ModelAttribute("workshop")
    Workshop workshop() {
        return workshops.current();
    }

    /**
     * The forms' token, asked for before anything is written: its cookie would come too late on a page that is long
     * before its first form.
     */
    @ModelAttribute("formToken")
    String formToken(HttpServletRequest request) {
        return request.getAttribute(CsrfToken.class.getName()) instanceof CsrfToken token ? token.getToken() : "";
    }

    /** Who came in by name; null where nobody did. */
    @ModelAttribute("who")
    String who(HttpServletRequest request) {
        return request.getUserPrincipal() == null
                ? null
                : request.getUserPrincipal().getName();
    }

    /** Number of the job whose page it is; null elsewhere. */
    @ModelAttribute("jobHere")
    String jobHere(HttpServletRequest request) {
        Matcher job = JOB.matcher(request.getRequestURI());
        return job.matches() ? job.group(1) : null;
    }

    @ModelAttribute("path")
    String path(HttpServletRequest request) {
        return request.getRequestURI();
    }
}
