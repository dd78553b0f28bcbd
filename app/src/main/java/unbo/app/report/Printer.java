package unbo.app.report;

import java.util.Locale;
import java.util.Map;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.context.ApplicationContext;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.WebContext;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.expression.ThymeleafEvaluationContext;
import org.thymeleaf.web.servlet.JakartaServletWebApplication;

/** Fills a template into a page that is set on paper rather than sent. */
@Component
class Printer {

    private final SpringTemplateEngine templates;
    private final ApplicationContext beans;

    Printer(SpringTemplateEngine templates, ApplicationContext beans) {
        this.templates = templates;
        this.beans = beans;
    }

    String print(
            String template, Map<String, Object> content, HttpServletRequest request, HttpServletResponse response) {
        WebContext context = new WebContext(
                JakartaServletWebApplication.buildApplication(request.getServletContext())
                        .buildExchange(request, response),
                Locale.ENGLISH,
                content);
        context.setVariable(
                ThymeleafEvaluationContext.THYMELEAF_EVALUATION_CONTEXT_CONTEXT_VARIABLE_NAME,
                new ThymeleafEvaluationContext(beans, null));
        return templates.process(template, context);
    }
}
