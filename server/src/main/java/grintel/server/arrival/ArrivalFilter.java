package grintel.server.arrival;

import grintel.server.problem.Problem;
import grintel.server.problem.ProblemWriter;
import grintel.server.problem.Problems;
import grintel.server.security.Sessions;
import jakarta.servlet.AsyncContext;
import jakarta.servlet.AsyncEvent;
import jakarta.servlet.AsyncListener;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;

/**
 * Lets a request go on only when its body is there. While it arrives no thread waits for it, so that slow senders keep
 * nobody out; what is too large, takes too long or comes from nobody is refused once it has been read to its end.
 */
final class ArrivalFilter implements Filter {
    private static final Logger LOG = LoggerFactory.getLogger(ArrivalFilter.class);
    private static final String ARRIVAL = ArrivalFilter.class.getName();

    /** Of what is refused no more than this is read; who sends more does not hear why. */
    private static final long MOST_DROPPED = 64L << 20;

    private final ArrivalProperties bounds;
    private final ProblemWriter writer;
    private final AtomicInteger bodies = new AtomicInteger();
    private final AtomicLong bytesOfFiles = new AtomicLong();

    ArrivalFilter(ArrivalProperties bounds, ProblemWriter writer) {
        this.bounds = bounds;
        this.writer = writer;
    }

    @Override
    public void doFilter(ServletRequest any, ServletResponse answer, FilterChain chain)
            throws IOException, ServletException {
        HttpServletRequest request = (HttpServletRequest) any;
        HttpServletResponse response = (HttpServletResponse) answer;
        if (request.getDispatcherType() == DispatcherType.ASYNC
                && request.getAttribute(ARRIVAL) instanceof Arrival arrived) {
            goOn(request, response, arrived, chain);
        } else if (request.getDispatcherType() == DispatcherType.REQUEST && hasBody(request)) {
            new Reception(request, response, arrival(request)).begin();
        } else {
            chain.doFilter(request, response);
        }
    }

    private static boolean hasBody(HttpServletRequest request) {
        return request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
    }

    private void goOn(HttpServletRequest request, HttpServletResponse response, Arrival arrived, FilterChain chain)
            throws IOException, ServletException {
        Problem refusal = arrived.refusal();
        if (refusal != null) {
            writer.write(refusal, response);
            return;
        }
        try (InputStream body = arrived.open()) {
            chain.doFilter(new ArrivedRequest(request, body), response);
        }
    }

    private static boolean isFile(HttpServletRequest request) {
        String type = request.getContentType();
        return type != null && type.startsWith(MediaType.APPLICATION_OCTET_STREAM_VALUE);
    }

    private Arrival arrival(HttpServletRequest request) {
        if (!isFile(request)) {
            return Arrival.inMemory(
                    bounds.mostOther().toBytes(),
                    Problem.tooLarge("The request is larger than any that is meant here."));
        }
        if (!Sessions.isSignedIn(request)) {
            return Arrival.refused(Problem.unauthorized("You are signed out. Sign in again."));
        }
        Problem tooLarge = Problem.tooLarge("The file is larger than "
                + bounds.mostFile().toMegabytes() + " MB. Make its pictures smaller and save it again.");
        return request.getContentLengthLong() > bounds.mostFile().toBytes()
                ? Arrival.refused(tooLarge)
                : Arrival.inFile(bounds.mostFile().toBytes(), tooLarge);
    }

    /** One body on its way in. */
    private final class Reception implements ReadListener, AsyncListener {
        private final HttpServletRequest request;
        private final HttpServletResponse response;
        private final ServletInputStream in;
        private final long room;
        private final Duration within;
        private final AtomicBoolean over = new AtomicBoolean();
        private Arrival arrival;
        private @Nullable AsyncContext waiting;

        Reception(HttpServletRequest request, HttpServletResponse response, Arrival arrival) throws IOException {
            this.request = request;
            this.response = response;
            this.arrival = arrival;
            this.in = request.getInputStream();
            boolean file = isFile(request);
            this.room = file ? bounds.mostFile().toBytes() : 0;
            this.within = file ? bounds.fileWithin() : bounds.otherWithin();
        }

        void begin() {
            int others = bodies.getAndIncrement();
            long bytes = bytesOfFiles.addAndGet(room);
            if (arrival.refusal() == null
                    && (others >= bounds.mostAtOnce()
                            || bytes > bounds.mostFiles().toBytes())) {
                arrival.drop();
                arrival = Arrival.refused(Problem.busy("Much is arriving just now. Try again in a minute."));
            }
            AsyncContext context = request.startAsync(request, response);
            waiting = context;
            context.setTimeout(within.toMillis());
            context.addListener(this);
            in.setReadListener(this);
        }

        @Override
        public void onDataAvailable() throws IOException {
            arrival.take(in);
            if (arrival.arrived() > MOST_DROPPED) {
                goOn();
            }
        }

        @Override
        public void onAllDataRead() {
            goOn();
        }

        private void goOn() {
            AsyncContext context = waiting;
            if (context != null && over.compareAndSet(false, true)) {
                request.setAttribute(ARRIVAL, arrival);
                context.dispatch();
            }
        }

        /** The sender went away, or the disk is full. */
        @Override
        public void onError(Throwable thrown) {
            LOG.info("A body did not arrive whole: {}", thrown.toString());
            end(
                    Problems.isNoSpaceLeft(thrown)
                            ? Problem.diskFull()
                            : Problem.badRequest("The request did not arrive whole. Send it again."));
        }

        @Override
        public void onTimeout(AsyncEvent event) {
            end(Problem.tooSlow("This took too long to arrive. Nothing was lost; try again."));
        }

        private void end(Problem problem) {
            AsyncContext context = waiting;
            if (context == null || !over.compareAndSet(false, true)) {
                return;
            }
            try {
                // What may still come is not waited for.
                response.setHeader(HttpHeaders.CONNECTION, "close");
                writer.write(problem, response);
            } catch (IOException e) {
                LOG.debug("Nobody hears that a body did not arrive", e);
            }
            context.complete();
        }

        @Override
        public void onComplete(AsyncEvent event) {
            bodies.decrementAndGet();
            bytesOfFiles.addAndGet(-room);
            arrival.drop();
        }

        @Override
        public void onError(AsyncEvent event) {
            onError(event.getThrowable());
        }

        @Override
        public void onStartAsync(AsyncEvent event) {
            // It is this very waiting that has begun.
        }
    }
}
