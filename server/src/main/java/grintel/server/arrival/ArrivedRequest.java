package grintel.server.arrival;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** A request whose body is there as a whole. What follows takes it for one that has just come in. */
final class ArrivedRequest extends HttpServletRequestWrapper {
    private final ServletInputStream body;

    ArrivedRequest(HttpServletRequest request, InputStream body) {
        super(request);
        this.body = new Whole(body);
    }

    /** Filters that run once for a request have not run for this one yet. */
    @Override
    public DispatcherType getDispatcherType() {
        return DispatcherType.REQUEST;
    }

    @Override
    public ServletInputStream getInputStream() {
        return body;
    }

    @Override
    public BufferedReader getReader() {
        String named = getCharacterEncoding();
        return new BufferedReader(
                new InputStreamReader(body, named == null ? StandardCharsets.UTF_8 : Charset.forName(named)));
    }

    private static final class Whole extends ServletInputStream {
        private final InputStream in;
        private boolean finished;

        Whole(InputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int next = in.read();
            finished |= next < 0;
            return next;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int some = in.read(into, from, length);
            finished |= some < 0;
            return some;
        }

        @Override
        public boolean isFinished() {
            return finished;
        }

        @Override
        public boolean isReady() {
            return true;
        }

        @Override
        public void setReadListener(ReadListener listener) {
            throw new IllegalStateException("The body is there already");
        }

        @Override
        public void close() throws IOException {
            in.close();
        }
    }
}
