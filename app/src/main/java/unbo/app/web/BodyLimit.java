package unbo.app.web;

import java.io.IOException;
import java.util.Collections;
import java.util.Enumeration;
import java.util.Map;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpHeaders;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses bodies that are larger than what they are for, before any of them is read: memory is bounded whatever is
 * sent.
 */
class BodyLimit extends OncePerRequestFilter {

    /** Where what is too large is forwarded to; not an address of its own. */
    static final String TOO_MUCH = "/sent-too-much";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Largest limit = Largest.of(request);
        boolean unsaid = Largest.inParts(request)
                && "chunked".equalsIgnoreCase(request.getHeader(HttpHeaders.TRANSFER_ENCODING));
        long length = request.getContentLengthLong();
        if (length > limit.bytes() && limit != Largest.FORM || unsaid) {
            HttpServletRequest unread = new Unread(request);
            unread.setAttribute(TOO_MUCH, unsaid ? Breakdown.OF_NO_LENGTH : Breakdown.tooLarge(limit));
            unread.getRequestDispatcher(TOO_MUCH).forward(unread, response);
        } else if (length < 0 && limit == Largest.JSON) {
            chain.doFilter(new Counted(request, limit), response);
        } else {
            chain.doFilter(request, response);
        }
    }

    /** A request whose body nobody reads. */
    private static final class Unread extends HttpServletRequestWrapper {

        Unread(HttpServletRequest request) {
            super(request);
        }

        @Override
        public String getMethod() {
            return "GET";
        }

        @Override
        public String getContentType() {
            return null;
        }

        @Override
        public String getParameter(String name) {
            return null;
        }

        @Override
        public Map<String, String[]> getParameterMap() {
            return Map.of();
        }

        @Override
        public Enumeration<String> getParameterNames() {
            return Collections.emptyEnumeration();
        }

        @Override
        public String[] getParameterValues(String name) {
            return null;
        }
    }

    /** A request whose body ends in an error where it is longer than it may be. */
    private static final class Counted extends HttpServletRequestWrapper {

        private final Largest limit;

        Counted(HttpServletRequest request, Largest limit) {
            super(request);
            this.limit = limit;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            ServletInputStream in = super.getInputStream();
            return new ServletInputStream() {
                private long left = limit.bytes();

                @Override
                public int read() throws IOException {
                    int b = in.read();
                    return b < 0 ? b : counted(b, 1);
                }

                @Override
                public int read(byte[] bytes, int from, int most) throws IOException {
                    int n = in.read(bytes, from, most);
                    return n < 0 ? n : counted(n, n);
                }

                private int counted(int answer, int bytes) throws TooLarge {
                    left -= bytes;
                    if (left < 0) {
                        throw new TooLarge(limit);
                    }
                    return answer;
                }

                @Override
                public boolean isFinished() {
                    return in.isFinished();
                }

                @Override
                public boolean isReady() {
                    return in.isReady();
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    in.setReadListener(listener);
                }
            };
        }
    }
}
