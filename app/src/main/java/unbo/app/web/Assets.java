package unbo.app.web;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Set;

import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;
import org.thymeleaf.spring6.templateresolver.SpringResourceTemplateResolver;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Styles, scripts and fonts under a name that changes with what stands in them: a browser keeps them for good, and asks
 * for others after an upgrade. An older name still leads to what there is now, and is not kept.
 */
@Configuration
class Assets implements WebMvcConfigurer {

    private static final String FILES = "classpath:/static/assets/";
    private static final Duration FOR_GOOD = Duration.ofDays(365);

    private final String path;

    Assets(@Value("classpath:/static/assets/mark") Resource mark) throws IOException {
        path = "/assets/v-" + mark.getContentAsString(StandardCharsets.US_ASCII);
    }

    /** Where pages find them. */
    String path() {
        return path;
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler(path + "/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.maxAge(FOR_GOOD).cachePublic().immutable());
        registry.addResourceHandler("/assets/v-*/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noStore())
                .resourceChain(false)
                .addResolver(new PathResourceResolver() {
                    @Override
                    protected @Nullable Resource getResource(String path, Resource files) throws IOException {
                        return super.getResource(path.substring(path.indexOf('/') + 1), files);
                    }
                });
    }

    /** Parts of pages in which nothing is filled in: read as text. */
    @Bean
    static SpringResourceTemplateResolver rawTemplates() {
        SpringResourceTemplateResolver raw = new SpringResourceTemplateResolver();
        raw.setPrefix("classpath:/templates/");
        raw.setSuffix(".html");
        raw.setResolvablePatterns(Set.of("raw/*"));
        raw.setTemplateMode(TemplateMode.RAW);
        raw.setCharacterEncoding(StandardCharsets.UTF_8.name());
        raw.setOrder(0);
        return raw;
    }
}
