package unbo.app.web;

import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

import jakarta.servlet.http.HttpServletRequest;

import org.springframework.boot.autoconfigure.web.servlet.WebMvcRegistrations;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;

/**
 * Finds what answers an address. Those whose first word differs are passed over unasked: the framework asks each of the
 * hundreds that have a variable in them, method and pattern, for every request.
 */
@Configuration(proxyBeanMethods = false)
class Mappings implements WebMvcRegistrations {

    @Override
    public RequestMappingHandlerMapping getRequestMappingHandlerMapping() {
        return new ByFirstWord();
    }

    private static final class ByFirstWord extends RequestMappingHandlerMapping {

        private final Map<RequestMappingInfo, String> firstWords = new ConcurrentHashMap<>();

        @Override
        protected RequestMappingInfo getMatchingMapping(RequestMappingInfo info, HttpServletRequest request) {
            String only = firstWords.computeIfAbsent(info, ByFirstWord::firstWord);
            String path = ServletRequestPathUtils.getParsedRequestPath(request)
                    .pathWithinApplication()
                    .value();
            if (!only.isEmpty() && path.indexOf('%') < 0 && !path.startsWith(only)) {
                return null;
            }
            return super.getMatchingMapping(info, request);
        }

        /** @return the beginning that all addresses of it share, up to its second slash; empty where they share none */
        private static String firstWord(RequestMappingInfo info) {
            Set<String> patterns = info.getPatternValues();
            if (patterns.size() != 1) {
                return "";
            }
            String pattern = patterns.iterator().next();
            int second = pattern.indexOf('/', 1);
            String word = second < 0 ? pattern : pattern.substring(0, second);
            return word.matches("/[a-z-]+") ? word : "";
        }
    }
}
