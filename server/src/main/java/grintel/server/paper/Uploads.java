package grintel.server.paper;

import grintel.server.problem.Problem;
import grintel.server.support.Gate;
import java.io.IOException;
import java.io.InputStream;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Takes files from strangers into memory, few at a time; the others wait on the disk. */
@Component
class Uploads {
    private static final int LONGEST_NAME = 200;

    private final StorageProperties storage;
    private final Gate gate = new Gate(2, 20, "Many files are arriving just now. Try again in a minute.");

    private final JsonMapper json;

    Uploads(StorageProperties storage, JsonMapper json) {
        this.storage = storage;
        this.json = json;
    }

    /**
     * Hands a file's bytes on; they may not be kept after that.
     *
     * @throws Problem when there are none, too many are waiting, or the disk is full
     */
    <T> T take(InputStream file, Function<byte[], T> onward) {
        storage.checkRoom();
        return gate.through(() -> onward.apply(bytes(file)));
    }

    /**
     * Hands on what a file says as JSON, which may be as long as a file and no longer.
     *
     * @throws Problem also when it is not of this form
     */
    <B, T> T take(InputStream file, Class<B> type, Function<B, T> onward) {
        return take(file, type, (read, bytes) -> onward.apply(read));
    }

    /** The same, with its bytes as they came. */
    <B, T> T take(InputStream file, Class<B> type, BiFunction<B, byte[], T> onward) {
        return take(file, bytes -> {
            B read;
            try {
                read = json.readValue(bytes, type);
            } catch (JacksonException e) {
                throw Problem.badRequest("It did not arrive as it should. Send it again.");
            }
            return onward.apply(read, bytes);
        });
    }

    private static byte[] bytes(InputStream file) {
        byte[] bytes;
        try {
            bytes = file.readAllBytes();
        } catch (IOException e) {
            throw Problem.badRequest("The file did not arrive whole. Bring it again.");
        }
        if (bytes.length == 0) {
            throw Problem.badRequest("There is nothing in the file. Save the paper again, then bring it.");
        }
        return bytes;
    }

    /**
     * The name of a file, without what could be taken for a path.
     *
     * @throws Problem when it is too long to be kept
     */
    static String name(String given) {
        String plain = given.replaceAll("[\\\\/\\p{Cntrl}]", " ").strip();
        if (plain.length() > LONGEST_NAME) {
            throw Problem.badRequest("The name of the file is longer than " + LONGEST_NAME
                    + " characters. Give it a shorter one, then bring it again.");
        }
        return plain.isEmpty() ? "paper.docx" : plain;
    }
}
