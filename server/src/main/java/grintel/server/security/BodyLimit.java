package grintel.server.security;

import grintel.server.problem.Problem;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Reads no more of a request's body than any request needs; forms with files have a limit of their own. */
@Component
class BodyLimit extends OncePerRequestFilter {
    private static final int MOST_BYTES = 128 << 10;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String type = request.getContentType();
        boolean isForm = type != null && type.startsWith(MediaType.MULTIPART_FORM_DATA_VALUE);
        chain.doFilter(isForm ? request : new Bounded(request), response);
    }

    private static final class Bounded extends HttpServletRequestWrapper {
        Bounded(HttpServletRequest request) {
            super(request);
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new BoundedStream(super.getInputStream());
        }
    }

    private static final class BoundedStream extends ServletInputStream {
        private final ServletInputStream in;
        private int read;

        BoundedStream(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int next = in.read();
            count(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int some = in.read(into, from, length);
            count(Math.max(0, some));
            return some;
        }

        private void count(int bytes) {
            read += bytes;
            if (read > MOST_BYTES) {
                throw Problem.tooLarge("The request is larger than any that is meant here.");
            }
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
