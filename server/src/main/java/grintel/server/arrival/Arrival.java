package grintel.server.arrival;

import grintel.server.problem.Problem;
import jakarta.servlet.ServletInputStream;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;

/**
 * A body as it arrives: kept in memory or in a file up to a limit. Of one that is refused the rest is read all the same
 * and dropped, for a client that is still sending would not hear the answer.
 */
final class Arrival {
    private static final int CHUNK = 16 << 10;

    private final byte[] chunk = new byte[CHUNK];
    private final long most;
    private final Problem tooLarge;
    private final @Nullable Path file;
    private OutputStream kept;
    private long arrived;
    private @Nullable Problem refusal;

    private Arrival(long most, Problem tooLarge, @Nullable Path file, OutputStream kept, @Nullable Problem refusal) {
        this.most = most;
        this.tooLarge = tooLarge;
        this.file = file;
        this.kept = kept;
        this.refusal = refusal;
    }

    /** Kept in memory. */
    static Arrival inMemory(long most, Problem tooLarge) {
        return new Arrival(most, tooLarge, null, new ByteArrayOutputStream(), null);
    }

    /** Kept in a file of its own until it is dropped. */
    static Arrival inFile(long most, Problem tooLarge) {
        try {
            Path file = Files.createTempFile("grintel-", ".arriving");
            return new Arrival(most, tooLarge, file, Files.newOutputStream(file), null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Not kept at all. */
    static Arrival refused(Problem refusal) {
        return new Arrival(0, refusal, null, OutputStream.nullOutputStream(), refusal);
    }

    /**
     * Takes what has arrived, without waiting for more.
     *
     * @throws IOException when it cannot be read or kept
     */
    void take(ServletInputStream in) throws IOException {
        while (in.isReady()) {
            int some = in.read(chunk);
            if (some < 0) {
                return;
            }
            arrived += some;
            if (refusal == null && arrived > most) {
                refusal = tooLarge;
            }
            if (refusal == null) {
                kept.write(chunk, 0, some);
            }
        }
    }

    /** Bytes that have arrived, kept or not. */
    long arrived() {
        return arrived;
    }

    /** Why it is not kept, or null. */
    @Nullable
    Problem refusal() {
        return refusal;
    }

    /** The whole of it. */
    InputStream open() throws IOException {
        kept.close();
        return file != null
                ? Files.newInputStream(file)
                : new ByteArrayInputStream(((ByteArrayOutputStream) kept).toByteArray());
    }

    /** Gives back what it takes of memory or disk. */
    void drop() {
        try {
            kept.close();
            if (file != null) {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        kept = OutputStream.nullOutputStream();
    }
}
