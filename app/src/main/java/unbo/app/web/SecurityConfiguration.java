package unbo.app.web;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.RememberMeServices;
import org.springframework.security.web.authentication.session.NullAuthenticatedSessionStrategy;
import org.springframework.security.web.authentication.www.BasicAuthenticationEntryPoint;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.util.matcher.AnyRequestMatcher;

/**
 * People by their accounts, by one shared passphrase while there are none, everybody where neither is; tokens on forms,
 * hosts that are ours, nothing from outside.
 */
@Configuration
class SecurityConfiguration {

    private static final String POLICY =
            "default-src 'self'; img-src 'self' data:; media-src 'self' blob:; object-src 'none'; base-uri 'none'; "
                    + "form-action 'self'; frame-ancestors 'none'";

    /** The microphone records hubs; nothing else of a device is asked for. */
    private static final String PERMISSIONS = "microphone=(self), camera=(), geolocation=(), payment=(), usb=()";

    /** So long a browser is known and its forms stay good, over nights and restarts: 30 days. */
    private static final int KEPT_SECONDS = (int) Remembered.KNOWN_FOR.toSeconds();

    private static final String KEY = "unbo";

    @Bean
    SecurityFilterChain pages(
            HttpSecurity http,
            HostFilter hosts,
            Guesses guesses,
            RememberMeServices remembering,
            Door door,
            BoundTokens tokens)
            throws Exception {
        // a token is bound to what its browser is known by: who comes in has another by that, and whoever is known
        // comes in with each request and keeps his, or a form would be stale after the first answer to its typing
        http.csrf(csrf -> csrf.csrfTokenRepository(tokens)
                .sessionAuthenticationStrategy(new NullAuthenticatedSessionStrategy())
                .csrfTokenRequestHandler(new CsrfTokenRequestAttributeHandler())
                .ignoringRequestMatchers("/api/v1/**"));
        http.headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(POLICY))
                .httpStrictTransportSecurity(tls -> tls.includeSubDomains(false))
                .referrerPolicy(Customizer.withDefaults())
                .permissionsPolicyHeader(only -> only.policy(PERMISSIONS))
                .crossOriginResourcePolicy(only ->
                        only.policy(CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy.SAME_ORIGIN))
                .crossOriginOpenerPolicy(
                        only -> only.policy(CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy.SAME_ORIGIN))
                .cacheControl(cache -> {}));
        http.addFilterBefore(hosts, SecurityContextHolderFilter.class);
        http.addFilterBefore(new BodyLimit(), SecurityContextHolderFilter.class);
        BasicAuthenticationEntryPoint basic = new BasicAuthenticationEntryPoint();
        basic.setRealmName("Unbo");
        http.exceptionHandling(asked -> asked.accessDeniedHandler(new StaleForms())
                .defaultAuthenticationEntryPointFor(
                        basic, request -> request.getRequestURI().startsWith("/api/"))
                .defaultAuthenticationEntryPointFor(
                        new LoginUrlAuthenticationEntryPoint("/login"), AnyRequestMatcher.INSTANCE));
        http.authorizeHttpRequests(all -> all.requestMatchers("/assets/**", "/login", "/owner/*", "/health")
                        .permitAll()
                        .anyRequest()
                        .access((who, asked) -> new AuthorizationDecision(door.lets(
                                who.get(), asked.getRequest().getMethod(), Guesses.path(asked.getRequest())))))
                .formLogin(form -> form.loginPage("/login")
                        .authenticationDetailsSource(door::given)
                        .permitAll())
                .httpBasic(Customizer.withDefaults())
                .rememberMe(kept -> kept.key(KEY).rememberMeServices(remembering))
                .logout(out -> out.logoutSuccessHandler((request, response, left) -> response.sendRedirect("/login")))
                // where one wanted to go stands in a cookie: nobody who did not come in has a session
                .requestCache(wanted -> wanted.requestCache(new CookieRequestCache()))
                // nobody has a session: a browser is known by its secret, which every machine finds in the database
                .sessionManagement(none -> none.sessionCreationPolicy(SessionCreationPolicy.STATELESS));
        http.addFilterBefore(guesses, SecurityContextHolderFilter.class);
        return http.build();
    }

    @Bean
    RememberMeServices remembering(UserDetailsService users, Remembered remembered) {
        return new Remembering(KEY, users, remembered, KEPT_SECONDS);
    }

    /** Guesses are counted where the chain says, not for each request by itself. */
    @Bean
    FilterRegistrationBean<Guesses> onlyInTheChain(Guesses guesses) {
        FilterRegistrationBean<Guesses> registered = new FilterRegistrationBean<>(guesses);
        registered.setEnabled(false);
        return registered;
    }

    @Bean
    HostFilter hosts(@Value("${server.address}") String bind, @Value("${unbo.hosts:}") List<String> more) {
        Set<String> hosts = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));
        hosts.add(bind);
        more.stream().map(String::strip).filter(h -> !h.isEmpty()).forEach(hosts::add);
        return new HostFilter(hosts);
    }
}
