package grintel.server.paper;

import grintel.server.problem.Problem;
import grintel.server.support.Gate;
import java.io.IOException;
import java.util.function.Function;
import org.springframework.stereotype.Component;
import org.springframework.web.multipart.MultipartFile;

/** Takes files from strangers into memory, few at a time; the others wait on the disk. */
@Component
class Uploads {
    private final Gate gate = new Gate(2, 20, "Many files are arriving just now. Try again in a minute.");

    /**
     * Hands a file's bytes on; they may not be kept after that.
     *
     * @throws Problem when the file did not arrive whole or too many are waiting
     */
    <T> T take(MultipartFile file, Function<byte[], T> onward) {
        return gate.through(() -> onward.apply(bytes(file)));
    }

    private static byte[] bytes(MultipartFile file) {
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw Problem.badRequest("The file did not arrive whole. Bring it again.");
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
