package grintel.core.approved;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * Holds what tests see to what somebody has read and approved: all that a test {@linkplain #see sees}, not only what it
 * asserts, stands in a file of its class beside the tests. {@code ./grintel documents} writes those files anew; what has
 * changed in them is to be read before it is committed.
 */
public final class Approved implements BeforeEachCallback, AfterEachCallback, AfterAllCallback {
    private static final Path FILES = Path.of("src/test/resources/approved");
    private static final boolean WRITING = Boolean.getBoolean("grintel.documents");
    private static final Map<Class<?>, Map<String, String>> CLASSES = new ConcurrentHashMap<>();
    private static final String HEAD = "== ";
    private static final ThreadLocal<StringBuilder> SEEN = ThreadLocal.withInitial(StringBuilder::new);

    /** Adds lines to what the test at hand has seen. */
    public static void see(String lines) {
        SEEN.get().append(lines.stripTrailing()).append('\n');
    }

    @Override
    public void beforeEach(ExtensionContext test) {
        SEEN.get().setLength(0);
    }

    @Override
    public void afterEach(ExtensionContext test) {
        String seen = SEEN.get().toString();
        String name = name(test);
        Map<String, String> approved = approved(test.getRequiredTestClass());
        if (WRITING) {
            if (!seen.isEmpty()) {
                approved.put(name, seen);
            }
        } else if (test.getExecutionException().isEmpty()) {
            assertThat(seen)
                    .as("what is seen, against what was approved; ./grintel documents writes it anew")
                    .isEqualTo(approved.getOrDefault(name, ""));
        }
    }

    /** The method, and of one that runs several times, which time. */
    private static String name(ExtensionContext test) {
        String id = test.getUniqueId();
        int times = id.indexOf("[test-template-invocation:#");
        String method = test.getRequiredTestMethod().getName();
        return times < 0 ? method : method + " " + id.substring(id.indexOf('#', times), id.indexOf(']', times));
    }

    @Override
    public void afterAll(ExtensionContext tests) {
        Map<String, String> approved = approved(tests.getRequiredTestClass());
        if (WRITING && !approved.isEmpty()) {
            StringBuilder out = new StringBuilder();
            new TreeMap<>(approved)
                    .forEach((name, seen) ->
                            out.append(HEAD).append(name).append('\n').append(seen));
            try {
                Files.createDirectories(FILES);
                Files.writeString(FILES.resolve(file(tests.getRequiredTestClass())), out);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    private static String file(Class<?> tests) {
        return tests.getSimpleName() + ".txt";
    }

    /** What was approved of each test of a class; while it is being written, what is to be. */
    private static Map<String, String> approved(Class<?> tests) {
        return CLASSES.computeIfAbsent(tests, key -> WRITING ? new LinkedHashMap<>() : read(tests));
    }

    private static Map<String, String> read(Class<?> tests) {
        Map<String, String> out = new LinkedHashMap<>();
        try (InputStream in = Approved.class.getResourceAsStream("/approved/" + file(tests))) {
            String text = in == null ? "" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String name = "";
            for (String line : text.lines().toList()) {
                if (line.startsWith(HEAD)) {
                    name = line.substring(HEAD.length());
                    out.put(name, "");
                } else {
                    out.merge(name, line + "\n", String::concat);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out;
    }
}
