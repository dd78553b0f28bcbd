package unbo.app.web;

import java.io.IOException;
import java.util.Set;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses requests that name a host which is not ours, so that a foreign page cannot reach in under its own name. */
class HostFilter extends OncePerRequestFilter {

    private final Set<String> hosts;

    HostFilter(Set<String> hosts) {
        this.hosts = Set.copyOf(hosts);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (hosts.contains(request.getServerName())) {
            chain.doFilter(request, response);
        } else {
            response.setStatus(421);
            response.setContentType("text/plain;charset=UTF-8");
            response.getWriter()
                    .write("Unbo does not answer to this host name. Open it as http://127.0.0.1 with its "
                            + "port, or name the host in UNBO_HOSTS.");
        }
    }
}
