package grintel.server.paper;

import grintel.server.problem.Problem;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Takes files from strangers into memory, few at a time; the others wait on the disk. */
@Component
class Uploads {
    private static final int AT_ONCE = 2;
    private static final int PATIENCE_SECONDS = 20;

    private final Semaphore places = new Semaphore(AT_ONCE, true);

    /**
     * Hands a file's bytes on; they may not be kept after that.
     *
     * @throws Problem when the file did not arrive whole or too many are waiting
     */
    <T> T take(MultipartFile file, Function<byte[], T> onward) {
        boolean entered = false;
        try {
            entered = places.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS);
            if (!entered) {
                throw Problem.tooMany("Many files are arriving just now. Try again in a minute.");
            }
            return onward.apply(file.getBytes());
        } catch (IOException e) {
            throw Problem.badRequest("The file did not arrive whole. Bring it again.");
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Problem.tooMany("Grintel is being stopped. Try again in a minute.");
        } finally {
            if (entered) {
                places.release();
            }
        }
    }

    /** The name of a file, without what could be taken for a path. */
    static String name(MultipartFile file) {
        String name = file.getOriginalFilename();
        String plain =
                name == null ? "" : name.replaceAll("[\\\\/\\p{Cntrl}]", " ").strip();
        return plain.isEmpty() ? "paper.docx" : plain.length() > 200 ? plain.substring(plain.length() - 200) : plain;
    }
}
