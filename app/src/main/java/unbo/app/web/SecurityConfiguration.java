package unbo.app.web;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;

/** One shared passphrase when one is set, none otherwise; tokens on forms, hosts that are ours, nothing from outside. */
@Configuration
class SecurityConfiguration {

    private static final String POLICY = "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain pages(HttpSecurity http, HostFilter hosts, @Value("${unbo.passphrase}") String passphrase) throws Exception {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.httpOnly(true).sameSite("Lax").maxAge(30L * 24 * 3600));
        http.csrf(csrf -> csrf.csrfTokenRepository(tokens).csrfTokenRequestHandler(new CsrfTokenRequestAttributeHandler())
                .ignoringRequestMatchers("/api/v1/**"));
        http.headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(POLICY))
                .referrerPolicy(Customizer.withDefaults()).cacheControl(cache -> { }));
        http.addFilterBefore(hosts, SecurityContextHolderFilter.class);
        if (passphrase.isBlank()) {
            http.authorizeHttpRequests(all -> all.anyRequest().permitAll());
        } else {
            http.authorizeHttpRequests(all -> all.requestMatchers("/assets/**", "/login").permitAll().anyRequest().authenticated())
                    .formLogin(form -> form.loginPage("/login").permitAll()).httpBasic(Customizer.withDefaults());
        }
        return http.build();
    }

    @Bean
    PasswordEncoder passwords() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    UserDetailsService users(PasswordEncoder encoder, @Value("${unbo.passphrase}") String passphrase) {
        InMemoryUserDetailsManager users = new InMemoryUserDetailsManager();
        if (!passphrase.isBlank()) {
            users.createUser(User.withUsername("workshop").password(encoder.encode(passphrase)).roles("WORKSHOP").build());
        }
        return users;
    }

    @Bean
    HostFilter hosts(@Value("${server.address}") String bind, @Value("${unbo.hosts:}") List<String> more) {
        Set<String> hosts = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));
        hosts.add(bind);
        more.stream().map(String::strip).filter(h -> !h.isEmpty()).forEach(hosts::add);
        return new HostFilter(hosts);
    }
}
