package grintel.formats.docx;

import grintel.formats.UnreadableFileException;
import grintel.formats.archive.Archive;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The parts of a package and how they refer to each other (ISO 29500-2). External targets are never followed. */
final class OpcPackage implements AutoCloseable {
    static final String CONTENT_TYPES_PART = "[Content_Types].xml";
    private static final String AGAIN = " Save the paper as .docx again from the program it was written in.";

    private final Archive archive;
    private final Map<String, XmlDocument> parsed = new HashMap<>();
    private final Map<String, List<Relationship>> relationships = new HashMap<>();

    private OpcPackage(Archive archive) {
        this.archive = archive;
    }

    /** @throws UnreadableFileException when the bytes are no package that can be used */
    static OpcPackage open(byte[] bytes) {
        if (bytes.length == 0) {
            throw new UnreadableFileException("The file is empty. Save the paper as .docx and bring it again.");
        }
        if (startsWith(bytes, 0xD0, 0xCF, 0x11, 0xE0)) {
            throw new UnreadableFileException("The file is an encrypted .docx or of the older binary kind. Take the"
                    + " password away, or save it as .docx, and bring it again.");
        }
        if (!startsWith(bytes, 'P', 'K')) {
            String head = new String(bytes, 0, Math.min(bytes.length, 512), StandardCharsets.ISO_8859_1);
            if (head.contains("<?xml") || head.startsWith("<")) {
                throw new UnreadableFileException(
                        "The file is a single XML file, not a .docx package. Save it as .docx and bring it again.");
            }
            throw new UnreadableFileException("The file is no .docx. Save the paper as .docx and bring it again.");
        }
        OpcPackage opened = new OpcPackage(Archive.open(bytes));
        if (!opened.archive.names().contains(CONTENT_TYPES_PART)) {
            String mimetype = opened.text("mimetype");
            throw new UnreadableFileException(
                    mimetype != null && mimetype.contains("opendocument")
                            ? "The file is an OpenDocument text, which is not read yet. Save it as .docx and bring it"
                                    + " again."
                            : "The file is an archive, but no .docx. Save the paper as .docx and bring it again.");
        }
        return opened;
    }

    private static boolean startsWith(byte[] bytes, int... signature) {
        if (bytes.length < signature.length) {
            return false;
        }
        for (int i = 0; i < signature.length; i++) {
            if ((bytes[i] & 0xFF) != signature[i]) {
                return false;
            }
        }
        return true;
    }

    private @Nullable String text(String name) {
        byte[] bytes = archive.get(name);
        return bytes == null ? null : new String(bytes, StandardCharsets.UTF_8);
    }

    Archive archive() {
        return archive;
    }

    /** Name of the part with the text. */
    String mainPart() {
        for (Relationship each : relationships("")) {
            if (each.isA("officeDocument") && !each.external()) {
                if (archive.get(each.target()) == null) {
                    break;
                }
                return each.target();
            }
        }
        throw new UnreadableFileException("The file is damaged: it holds no text." + AGAIN);
    }

    /** The part, parsed once; null where the package has none of the name. */
    @Nullable
    XmlDocument part(String name) {
        XmlDocument known = parsed.get(name);
        if (known != null) {
            return known;
        }
        byte[] bytes = archive.get(name);
        if (bytes == null) {
            return null;
        }
        XmlDocument document = XmlDocument.parse(name, bytes, Ns.CANONICAL);
        parsed.put(name, document);
        return document;
    }

    /** The part a relationship of the given kind leads to, or null. */
    @Nullable
    String target(String part, String kind) {
        for (Relationship each : relationships(part)) {
            if (each.isA(kind) && !each.external()) {
                return each.target();
            }
        }
        return null;
    }

    /** The part or address a relationship id leads to, or null. */
    @Nullable
    Relationship relationship(String part, @Nullable String id) {
        for (Relationship each : relationships(part)) {
            if (each.id().equals(id)) {
                return each;
            }
        }
        return null;
    }

    /** The relationships of a part, or of the package for the empty name. */
    List<Relationship> relationships(String part) {
        return relationships.computeIfAbsent(part, key -> {
            XmlDocument document = part(relationshipsPart(part));
            List<Relationship> out = new ArrayList<>();
            if (document != null) {
                for (XmlElement element : document.root().elements()) {
                    String id = element.attribute("Id");
                    String type = element.attribute("Type");
                    String target = element.attribute("Target");
                    if (id != null && type != null && target != null) {
                        boolean external = "External".equals(element.attribute("TargetMode"));
                        out.add(new Relationship(id, type, external ? target : resolve(part, target), external));
                    }
                }
            }
            return out;
        });
    }

    /** Name of the part that holds another's relationships. */
    static String relationshipsPart(String part) {
        int slash = part.lastIndexOf('/');
        return part.substring(0, slash + 1) + "_rels/" + part.substring(slash + 1) + ".rels";
    }

    /** Name of the part a reference leads to that is written as seen from another. */
    static String resolve(String part, String target) {
        if (target.startsWith("/")) {
            return target.substring(1);
        }
        List<String> path = new ArrayList<>();
        String folder = part.contains("/") ? part.substring(0, part.lastIndexOf('/')) : "";
        for (String step : (folder.isEmpty() ? target : folder + "/" + target).split("/", -1)) {
            if (step.equals("..")) {
                if (!path.isEmpty()) {
                    path.remove(path.size() - 1);
                }
            } else if (!step.equals(".")) {
                path.add(step);
            }
        }
        return String.join("/", path);
    }

    /** Content types by part, with the defaults by ending under {@code *.ending}. */
    Map<String, String> contentTypes() {
        Map<String, String> out = new LinkedHashMap<>();
        XmlDocument document = part(CONTENT_TYPES_PART);
        if (document != null) {
            for (XmlElement element : document.root().elements()) {
                String type = element.attribute("ContentType");
                String partName = element.attribute("PartName");
                String extension = element.attribute("Extension");
                if (type != null && partName != null) {
                    out.put(partName.startsWith("/") ? partName.substring(1) : partName, type);
                } else if (type != null && extension != null) {
                    out.put("*." + extension.toLowerCase(Locale.ROOT), type);
                }
            }
        }
        return out;
    }

    @Override
    public void close() {
        archive.close();
    }

    /**
     * A reference from one part to another.
     *
     * @param target name of the part, or the address as written where it is external
     */
    record Relationship(String id, String type, String target, boolean external) {
        /** Whether the type, transitional or strict, ends in this name. */
        boolean isA(String kind) {
            return type.endsWith("/" + kind);
        }
    }
}
