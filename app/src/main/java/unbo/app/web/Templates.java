package unbo.app.web;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Configuration;
import org.thymeleaf.cache.StandardCacheManager;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/**
 * How templates are run: all that were read are kept, with their expressions. The product has more of both than the
 * engine keeps by itself (200 and 500), and what is thrown out is read, and compiled, again by the next page.
 */
@Configuration(proxyBeanMethods = false)
class Templates implements BeanPostProcessor {

    private static final int MOST_TEMPLATES = 2_000;
    private static final int MOST_EXPRESSIONS = 20_000;

    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (bean instanceof SpringTemplateEngine engine) {
            StandardCacheManager kept = new StandardCacheManager();
            kept.setTemplateCacheMaxSize(MOST_TEMPLATES);
            kept.setTemplateCacheUseSoftReferences(false);
            kept.setExpressionCacheMaxSize(MOST_EXPRESSIONS);
            kept.setExpressionCacheUseSoftReferences(false);
            engine.setCacheManager(kept);
        } else if (bean instanceof ThymeleafViewResolver pages) {
            pages.setViewClass(SheetView.class);
        }
        return bean;
    }
}
