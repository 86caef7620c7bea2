package hodeon.app.api;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Stops reading a request to the API beyond {@value #MEGABYTES} MB, whatever length it claims. */
@Component
class BodyLimit extends OncePerRequestFilter {

    static final int MEGABYTES = 4;
    private static final long MOST_BYTES = MEGABYTES * 1024L * 1024;

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        chain.doFilter(
                new HttpServletRequestWrapper(request) {
                    @Override
                    public ServletInputStream getInputStream() throws IOException {
                        return new Counted(super.getInputStream());
                    }
                },
                response);
    }

    private static final class Counted extends ServletInputStream {

        private final ServletInputStream in;
        private long left = MOST_BYTES;

        Counted(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            if (--left < 0) {
                throw new IOException("The body is larger than " + MEGABYTES + " MB.");
            }
            return in.read();
        }

        @Override
        public int read(byte[] bytes, int offset, int length) throws IOException {
            int n = in.read(bytes, offset, length);
            left -= Math.max(0, n);
            if (left < 0) {
                throw new IOException("The body is larger than " + MEGABYTES + " MB.");
            }
            return n;
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
    }
}
