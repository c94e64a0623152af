package grintel.formats.xml;

import com.ctc.wstx.api.WstxInputProperties;
import com.ctc.wstx.stax.WstxInputFactory;
import grintel.core.limit.WorkLimits;
import grintel.formats.UnreadableFileException;
import java.io.StringReader;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import org.codehaus.stax2.LocationInfo;
import org.codehaus.stax2.XMLInputFactory2;
import org.codehaus.stax2.XMLStreamReader2;
import org.jspecify.annotations.Nullable;

/** An XML document that can be changed in places. */
public final class XmlDocument {
    private static final int DEEPEST = 256;
    private static final int MOST_ELEMENTS = 3_000_000;
    private static final int MOST_ATTRIBUTES = 500;
    private static final Pattern ENCODING = Pattern.compile("<\\?xml[^>]*encoding\\s*=\\s*[\"']([A-Za-z0-9._-]+)[\"']");
    private static final WstxInputFactory FACTORY = factory();

    private final String source;
    private final Charset charset;
    private final byte[] mark;
    private final XmlElement root;
    private final int rootStart;
    private final int rootEnd;

    private XmlDocument(String source, Charset charset, byte[] mark, XmlElement root, int rootStart, int rootEnd) {
        this.source = source;
        this.charset = charset;
        this.mark = mark;
        this.root = root;
        this.rootStart = rootStart;
        this.rootEnd = rootEnd;
    }

    /**
     * Parses a document.
     *
     * @param name what to call it in messages
     * @param canonical namespaces to be read as another, such as those of the strict form of a format
     * @throws UnreadableFileException when it is not well-formed, is nested too deeply or declares a document type
     */
    public static XmlDocument parse(String name, byte[] bytes, Map<String, String> canonical) {
        byte[] mark = byteOrderMark(bytes);
        Charset charset = charset(name, bytes, mark);
        String source = decode(name, bytes, mark, charset);
        try {
            return new Parser(source, canonical).parse(charset, mark);
        } catch (XMLStreamException e) {
            throw new UnreadableFileException(reason(name, e), e);
        }
    }

    public XmlElement root() {
        return root;
    }

    /** The document as bytes in the encoding it came in. */
    public byte[] toBytes() {
        StringBuilder out = new StringBuilder(source.length() + 1024);
        out.append(source, 0, rootStart);
        root.write(out);
        out.append(source, rootEnd, source.length());
        byte[] body = out.toString().getBytes(charset);
        byte[] all = new byte[mark.length + body.length];
        System.arraycopy(mark, 0, all, 0, mark.length);
        System.arraycopy(body, 0, all, mark.length, body.length);
        return all;
    }

    private static WstxInputFactory factory() {
        WstxInputFactory factory = new WstxInputFactory();
        // What is wrong is told where it is read, and not by an exception of another kind later.
        factory.setProperty(XMLInputFactory2.P_LAZY_PARSING, false);
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_COALESCING, false);
        factory.setProperty(WstxInputProperties.P_MAX_ELEMENT_DEPTH, DEEPEST);
        factory.setProperty(WstxInputProperties.P_MAX_ELEMENT_COUNT, (long) MOST_ELEMENTS);
        factory.setProperty(WstxInputProperties.P_MAX_ATTRIBUTES_PER_ELEMENT, MOST_ATTRIBUTES);
        return factory;
    }

    private static String reason(String name, XMLStreamException e) {
        String message = String.valueOf(e.getMessage());
        if (message.contains("Maximum Element Depth")) {
            return "The file's part " + name + " is nested more than " + DEEPEST
                    + " levels deep. Save the paper again from the program it was written in.";
        }
        if (message.contains("limit (")) {
            return "The file's part " + name + " holds more mark-up than is allowed. Save the paper again from the"
                    + " program it was written in.";
        }
        int line = e.getLocation() == null ? 0 : e.getLocation().getLineNumber();
        return "The file is damaged: its part " + name + " cannot be read"
                + (line > 0 ? " from line " + line : "")
                + ". Save the paper again from the program it was written in.";
    }

    private static byte[] byteOrderMark(byte[] bytes) {
        if (bytes.length >= 3 && bytes[0] == (byte) 0xEF && bytes[1] == (byte) 0xBB && bytes[2] == (byte) 0xBF) {
            return new byte[] {bytes[0], bytes[1], bytes[2]};
        }
        boolean utf16 = bytes.length >= 2
                && (bytes[0] == (byte) 0xFE && bytes[1] == (byte) 0xFF
                        || bytes[0] == (byte) 0xFF && bytes[1] == (byte) 0xFE);
        return utf16 ? new byte[] {bytes[0], bytes[1]} : new byte[0];
    }

    private static Charset charset(String name, byte[] bytes, byte[] mark) {
        if (mark.length == 2) {
            return mark[0] == (byte) 0xFE ? StandardCharsets.UTF_16BE : StandardCharsets.UTF_16LE;
        }
        if (mark.length == 0 && bytes.length > 4) {
            if (bytes[0] == 0 && bytes[1] == '<') {
                return StandardCharsets.UTF_16BE;
            }
            if (bytes[0] == '<' && bytes[1] == 0) {
                return StandardCharsets.UTF_16LE;
            }
            String head = new String(bytes, 0, Math.min(bytes.length, 200), StandardCharsets.ISO_8859_1);
            Matcher declared = ENCODING.matcher(head);
            if (declared.find()) {
                return known(name, declared.group(1));
            }
        }
        return StandardCharsets.UTF_8;
    }

    private static Charset known(String name, String encoding) {
        try {
            return Charset.forName(encoding);
        } catch (IllegalArgumentException e) {
            throw new UnreadableFileException(
                    "The file's part " + name + " is written in an encoding that is not known here (" + encoding
                            + "). Save the paper again from the program it was written in.",
                    e);
        }
    }

    private static String decode(String name, byte[] bytes, byte[] mark, Charset charset) {
        try {
            return charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes, mark.length, bytes.length - mark.length))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new UnreadableFileException(
                    "The file is damaged: its part " + name + " is not text in its own encoding. Save the paper again"
                            + " from the program it was written in.",
                    e);
        }
    }

    /** One pass over the source. */
    private static final class Parser {
        private final String source;
        private final Map<String, String> canonical;
        private final Deque<XmlElement> open = new ArrayDeque<>();
        private @Nullable XmlElement root;
        private int rootStart;
        private int rootEnd;

        Parser(String source, Map<String, String> canonical) {
            this.source = source;
            this.canonical = canonical;
        }

        XmlDocument parse(Charset charset, byte[] mark) throws XMLStreamException {
            XMLStreamReader2 reader = (XMLStreamReader2) FACTORY.createXMLStreamReader(new StringReader(source));
            try {
                while (reader.hasNext()) {
                    WorkLimits.goOn();
                    take(reader, reader.next());
                }
            } finally {
                reader.closeCompletely();
            }
            if (root == null) {
                throw new XMLStreamException("no root element");
            }
            return new XmlDocument(source, charset, mark, root, rootStart, rootEnd);
        }

        private void take(XMLStreamReader2 reader, int event) throws XMLStreamException {
            switch (event) {
                case XMLStreamConstants.START_ELEMENT -> start(reader);
                case XMLStreamConstants.END_ELEMENT -> end(reader);
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA, XMLStreamConstants.SPACE -> text(reader);
                case XMLStreamConstants.COMMENT, XMLStreamConstants.PROCESSING_INSTRUCTION -> other(reader);
                case XMLStreamConstants.DTD, XMLStreamConstants.ENTITY_REFERENCE ->
                    throw new UnreadableFileException(
                            "The file declares a document type or entities, which no paper needs; it is not opened."
                                    + " Save the paper again from the program it was written in.");
                default -> {}
            }
        }

        private void start(XMLStreamReader2 reader) throws XMLStreamException {
            LocationInfo at = reader.getLocationInfo();
            int count = reader.getAttributeCount();
            List<XmlAttribute> attributes = new ArrayList<>(count);
            for (int i = 0; i < count; i++) {
                attributes.add(new XmlAttribute(
                        canonical(reader.getAttributeNamespace(i)),
                        nonNull(reader.getAttributePrefix(i)),
                        reader.getAttributeLocalName(i),
                        reader.getAttributeValue(i)));
            }
            XmlElement parent = open.peek();
            XmlElement element = new XmlElement(
                    source,
                    parent,
                    canonical(reader.getNamespaceURI()),
                    nonNull(reader.getPrefix()),
                    reader.getLocalName(),
                    attributes);
            if (reader.getNamespaceCount() > 0) {
                Map<String, String> declared = new LinkedHashMap<>();
                for (int i = 0; i < reader.getNamespaceCount(); i++) {
                    declared.put(nonNull(reader.getNamespacePrefix(i)), canonical(reader.getNamespaceURI(i)));
                }
                element.declare(declared);
            }
            int from = (int) at.getStartingCharOffset();
            element.span(from, (int) at.getEndingCharOffset());
            if (parent == null) {
                root = element;
                rootStart = from;
            } else {
                parent.nodes().add(element);
            }
            open.push(element);
        }

        private void end(XMLStreamReader2 reader) throws XMLStreamException {
            LocationInfo at = reader.getLocationInfo();
            XmlElement element = open.pop();
            int to = (int) at.getEndingCharOffset();
            element.close((int) at.getStartingCharOffset(), to);
            if (open.isEmpty()) {
                rootEnd = to;
            }
        }

        private void text(XMLStreamReader2 reader) throws XMLStreamException {
            XmlElement parent = open.peek();
            if (parent == null) {
                return;
            }
            String text = reader.getText();
            LocationInfo at = reader.getLocationInfo();
            int to = (int) at.getEndingCharOffset();
            List<XmlNode> nodes = parent.nodes();
            if (!nodes.isEmpty() && nodes.get(nodes.size() - 1) instanceof XmlText before) {
                before.extend(to, text);
            } else {
                nodes.add(new XmlText(source, (int) at.getStartingCharOffset(), to, text));
            }
        }

        private void other(XMLStreamReader2 reader) throws XMLStreamException {
            XmlElement parent = open.peek();
            if (parent != null) {
                LocationInfo at = reader.getLocationInfo();
                parent.nodes()
                        .add(new XmlOther(source, (int) at.getStartingCharOffset(), (int) at.getEndingCharOffset()));
            }
        }

        private String canonical(@Nullable String namespace) {
            String given = nonNull(namespace);
            return canonical.getOrDefault(given, given);
        }

        private static String nonNull(@Nullable String text) {
            return text == null ? "" : text;
        }
    }
}
