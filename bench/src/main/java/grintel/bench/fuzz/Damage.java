package grintel.bench.fuzz;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;

/** Damages one file: mostly the trees of its parts, sometimes their bytes or those of the whole. */
final class Damage {
    private static final int MOST_CHANGES = 6;
    private static final List<String> VALUES = List.of(
            "",
            "0",
            "-1",
            "1",
            "x",
            "on",
            "none",
            "1.5",
            "-99999",
            "32767",
            "2147483647",
            "-2147483648",
            "1e9",
            "99999999999999999999",
            "rId1",
            "Normal",
            "auto",
            "FFFFFF",
            "both",
            "nextPage",
            "٣",
            "\uD83D\uDD14");
    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "          ",
            "\t",
            "1",
            "12",
            "(",
            ")",
            "“",
            "\"",
            ".",
            "References",
            "Works Cited",
            "Abstract",
            "Running head: ",
            "Figure 1",
            "Table 1. ",
            "http://archive.example/bells",
            "e\u0301\u0301\u0301",
            "\u05D0\u05D1",
            "\u00AD\u200B\u00A0",
            "\uD83D\uDD14",
            "Ekwall (2019, p. 12)",
            "¹",
            "* * *",
            "A".repeat(3000));

    private final Random random;

    Damage(Random random) {
        this.random = random;
    }

    /** Another file made of a sound one. */
    byte[] of(byte[] sound) throws IOException {
        if (random.nextInt(20) == 0) {
            return bytes(sound);
        }
        Map<String, byte[]> parts = parts(sound);
        int changes = 1 + random.nextInt(MOST_CHANGES);
        for (int i = 0; i < changes; i++) {
            List<String> names = parts.keySet().stream()
                    .filter(name -> name.endsWith(".xml") || name.endsWith(".rels"))
                    .toList();
            // The text itself is hit as often as everything else together.
            String part = random.nextBoolean() && parts.containsKey("word/document.xml")
                    ? "word/document.xml"
                    : names.get(random.nextInt(names.size()));
            byte[] content = parts.getOrDefault(part, new byte[0]);
            switch (random.nextInt(25)) {
                case 0 -> parts.remove(part);
                case 1 -> parts.put(part, bytes(content));
                default -> parts.put(part, tree(content));
            }
            if (parts.isEmpty()) {
                break;
            }
        }
        return zip(parts);
    }

    private byte[] bytes(byte[] sound) {
        byte[] out = sound.clone();
        if (out.length == 0) {
            return out;
        }
        if (random.nextInt(4) == 0) {
            return Arrays.copyOf(out, random.nextInt(out.length));
        }
        int flips = 1 + random.nextInt(8);
        for (int i = 0; i < flips; i++) {
            out[random.nextInt(out.length)] = (byte) random.nextInt(256);
        }
        return out;
    }

    // ---- trees

    private byte[] tree(byte[] content) {
        Document document = parse(content);
        if (document == null) {
            // It was damaged before, so that it is no tree any more.
            return bytes(content);
        }
        List<Element> elements = new ArrayList<>();
        collect(document.getDocumentElement(), elements);
        change(elements);
        try {
            StringWriter out = new StringWriter();
            TransformerFactory.newInstance().newTransformer().transform(new DOMSource(document), new StreamResult(out));
            return out.toString().getBytes(StandardCharsets.UTF_8);
        } catch (TransformerException e) {
            return content;
        }
    }

    /** The tree of a part, or null where it is none. */
    static @Nullable Document parse(byte[] content) {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
            factory.setNamespaceAware(true);
            factory.setFeature("http://apache.org/xml/features/disallow-doctype-decl", true);
            DocumentBuilder builder = factory.newDocumentBuilder();
            builder.setErrorHandler(null);
            return builder.parse(new ByteArrayInputStream(content));
        } catch (ParserConfigurationException | SAXException | IOException e) {
            return null;
        }
    }

    private static void collect(Element element, List<Element> out) {
        out.add(element);
        for (Node child = element.getFirstChild(); child != null; child = child.getNextSibling()) {
            if (child instanceof Element each) {
                collect(each, out);
            }
        }
    }

    private void change(List<Element> elements) {
        Element one = elements.get(random.nextInt(elements.size()));
        Element other = elements.get(random.nextInt(elements.size()));
        Node parent = one.getParentNode();
        boolean root = !(parent instanceof Element);
        switch (random.nextInt(9)) {
            case 0 -> {
                if (!root) {
                    parent.removeChild(one);
                }
            }
            case 1 -> {
                if (!root) {
                    parent.insertBefore(one.cloneNode(true), random.nextBoolean() ? one : null);
                }
            }
            case 2 -> {
                if (!root && !isWithin(other, one)) {
                    other.insertBefore(one, random.nextBoolean() ? other.getFirstChild() : null);
                }
            }
            case 3 -> {
                if (!root && !isWithin(other, one) && !isWithin(one, other)) {
                    other.appendChild(one.cloneNode(true));
                }
            }
            case 4 -> one.getOwnerDocument().renameNode(one, other.getNamespaceURI(), other.getNodeName());
            case 5 -> {
                int copies = random.nextInt(30);
                for (int i = 0; i < copies && !root; i++) {
                    parent.insertBefore(one.cloneNode(true), one);
                }
            }
            case 6 -> one.setTextContent(TEXTS.get(random.nextInt(TEXTS.size())));
            default -> changeAttribute(one, other);
        }
    }

    private void changeAttribute(Element one, Element other) {
        int count = one.getAttributes().getLength();
        if (count > 0) {
            Attr attribute = (Attr) one.getAttributes().item(random.nextInt(count));
            if (random.nextInt(5) == 0) {
                one.removeAttributeNode(attribute);
            } else if (!attribute.getName().startsWith("xmlns")) {
                attribute.setValue(VALUES.get(random.nextInt(VALUES.size())));
            }
        } else if (other.getAttributes().getLength() > 0) {
            Attr attribute = (Attr) other.getAttributes().item(0);
            if (!attribute.getName().startsWith("xmlns")) {
                one.setAttributeNS(attribute.getNamespaceURI(), attribute.getName(), attribute.getValue());
            }
        }
    }

    private static boolean isWithin(Node inner, Node outer) {
        for (Node each = inner; each != null; each = each.getParentNode()) {
            if (each == outer) {
                return true;
            }
        }
        return false;
    }

    // ---- the archive

    private static Map<String, byte[]> parts(byte[] file) throws IOException {
        Map<String, byte[]> out = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                out.put(entry.getName(), in.readAllBytes());
            }
        } catch (IllegalArgumentException e) {
            throw new IOException("a name that is no UTF-8", e);
        }
        return out;
    }

    private static byte[] zip(Map<String, byte[]> parts) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                zip.putNextEntry(new ZipEntry(part.getKey()));
                zip.write(part.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
