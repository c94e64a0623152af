package grintel.formats.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The prose of the sample papers. */
final class DemoTexts {
    private DemoTexts() {}

    /** The paragraphs of a text, which blank lines part. */
    static List<String> paragraphs(String name) {
        return List.of(read(name).strip().split("\n\n+", -1));
    }

    /** The lines of a text. */
    static List<String> lines(String name) {
        return read(name).lines().toList();
    }

    private static String read(String name) {
        try (InputStream in = DemoTexts.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("The sample text " + name + " is not on the class path");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
