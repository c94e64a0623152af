package grintel.server.paper;

import grintel.server.paper.PaperService.HandedBack;
import grintel.server.support.Gate;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.function.Supplier;
import org.springframework.core.io.InputStreamResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Makes files for people, few at a time; while they are fetched they wait on the disk and take no memory. */
@Component
class Downloads {
    private final Gate gate = new Gate(2, 20, "Many files are being fetched just now. Try again in a minute.");

    /** A file, ready to be fetched once. */
    Ready make(Supplier<HandedBack> making) {
        return gate.through(() -> {
            HandedBack made = making.get();
            return new Ready(made.name(), made.type(), made.content().length, onDisk(made.content()));
        });
    }

    private static Resource onDisk(byte[] content) {
        try {
            Path file = Files.createTempFile("grintel-", ".fetched");
            Files.write(file, content);
            return new InputStreamResource(Files.newInputStream(file, StandardOpenOption.DELETE_ON_CLOSE));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * A file on the disk.
     *
     * @param type its media type
     * @param size its bytes
     * @param content read once; the file is gone then
     */
    record Ready(String name, String type, long size, Resource content) {}
}
