package grintel.formats.docx;

import grintel.core.paper.ImageFormat;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.james.mime4j.MimeException;
import org.apache.james.mime4j.parser.AbstractContentHandler;
import org.apache.james.mime4j.parser.MimeStreamParser;
import org.apache.james.mime4j.stream.BodyDescriptor;
import org.apache.james.mime4j.stream.MimeConfig;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.Node;
import org.jsoup.nodes.TextNode;
import org.jsoup.select.NodeTraversor;
import org.jsoup.select.NodeVisitor;
import org.jspecify.annotations.Nullable;

/** The words of a piece of another format that a .docx carries: HTML, MHT (RFC 2557) or plain text. */
final class EmbeddedFile {
    private static final int LARGEST = 5 << 20;
    private static final int MOST_PARAGRAPHS = 20_000;

    private EmbeddedFile() {}

    /**
     * The paragraphs of a piece.
     *
     * @param part its name, whose ending tells its format
     * @param bytes null where it is missing
     * @return null where it cannot be read
     */
    static @Nullable List<String> paragraphs(String part, byte @Nullable [] bytes) {
        if (bytes == null || bytes.length > LARGEST) {
            return null;
        }
        try {
            return switch (ImageFormat.ending(part)) {
                case "htm", "html", "xhtml", "xht" -> html(new ByteArrayInputStream(bytes), null);
                case "mht", "mhtml" -> mht(bytes);
                case "txt" -> plain(new String(bytes, StandardCharsets.UTF_8));
                default -> null;
            };
        } catch (IOException | MimeException e) {
            return null;
        }
    }

    private static List<String> plain(String text) {
        return text.lines().limit(MOST_PARAGRAPHS).toList();
    }

    private static List<String> html(InputStream in, @Nullable String charset) throws IOException {
        Gatherer gatherer = new Gatherer();
        NodeTraversor.traverse(gatherer, Jsoup.parse(in, charset, "").body());
        gatherer.end();
        return gatherer.out;
    }

    /** The first page of a web archive. */
    private static @Nullable List<String> mht(byte[] bytes) throws IOException, MimeException {
        FirstPage first = new FirstPage();
        MimeStreamParser parser = new MimeStreamParser(MimeConfig.PERMISSIVE);
        parser.setContentDecoding(true);
        parser.setContentHandler(first);
        parser.parse(new ByteArrayInputStream(bytes));
        return first.paragraphs;
    }

    private static final class FirstPage extends AbstractContentHandler {
        private @Nullable List<String> paragraphs;

        @Override
        public void body(BodyDescriptor body, InputStream in) throws IOException {
            if (paragraphs == null && body.getMimeType().equals("text/html")) {
                paragraphs = html(in, body.getCharset());
            }
        }
    }

    /** Gathers words into paragraphs as blocks begin and end. */
    private static final class Gatherer implements NodeVisitor {
        private final List<String> out = new ArrayList<>();
        private final StringBuilder words = new StringBuilder();

        @Override
        public void head(Node node, int depth) {
            if (node instanceof TextNode text) {
                words.append(text.getWholeText());
            } else if (endsParagraph(node)) {
                end();
            }
        }

        @Override
        public void tail(Node node, int depth) {
            if (endsParagraph(node)) {
                end();
            }
        }

        private static boolean endsParagraph(Node node) {
            return node instanceof Element element
                    && (element.isBlock() || element.normalName().equals("br"));
        }

        private void end() {
            String line = words.toString().replaceAll("[ \\t\\r\\n]+", " ").strip();
            words.setLength(0);
            if (!line.isEmpty() && out.size() < MOST_PARAGRAPHS) {
                out.add(line);
            }
        }
    }
}
