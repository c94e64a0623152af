package grintel.formats.docx;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Comment;
import grintel.core.paper.ImageFormat;
import grintel.core.paper.ListLevel;
import grintel.core.paper.Lists;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.formats.xml.Escapes;
import grintel.formats.xml.XmlElement;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Writes a paper as a new .docx; {@link DocxReader} reads the same paper back. Story ids of headers and footers are the
 * names of their parts, targets of pictures those of their images, ids of notes their numbers.
 */
public final class DocxWriter {
    private static final String DECLARATION = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";
    private static final String TYPES = "application/vnd.openxmlformats-officedocument.wordprocessingml.";
    private static final String CORE = "http://schemas.openxmlformats.org/package/2006/metadata/core-properties";
    /** A fixed time makes the same paper the same bytes. */
    private static final long TIME = 1_790_000_000_000L;

    private final Paper paper;
    private final Map<String, byte[]> images;
    private final PropertyWriter properties = new PropertyWriter(false);
    private final MarkIds ids = new MarkIds();
    private final Map<String, byte[]> parts = new LinkedHashMap<>();
    private final Map<String, String> types = new LinkedHashMap<>();

    private DocxWriter(Paper paper, Map<String, byte[]> images) {
        this.paper = paper;
        this.images = images;
    }

    /**
     * The file of a paper.
     *
     * @param images the images its pictures show, by the names of their parts
     */
    public static byte[] write(Paper paper, Map<String, byte[]> images) {
        return new DocxWriter(paper, images).write();
    }

    /** The file of a paper without pictures. */
    public static byte[] write(Paper paper) {
        return write(paper, Map.of());
    }

    private byte[] write() {
        PartWriter document = part("document");
        document.root().append(XmlElement.like(document.root(), "body"));
        document.relate("styles", "styles.xml");
        document.relate("settings", "settings.xml");
        writeStyles();
        writeSettings();
        if (!paper.lists().all().isEmpty()) {
            writeLists();
            document.relate("numbering", "numbering.xml");
        }
        writeNotes(document, Story.Kind.FOOTNOTE, "footnote");
        writeNotes(document, Story.Kind.ENDNOTE, "endnote");
        if (!paper.comments().isEmpty()) {
            writeComments();
            document.relate("comments", "comments.xml");
        }
        writeText(document);
        addPart("word/document.xml", document, TYPES + "document.main+xml");
        boolean described = !paper.properties().title().isEmpty()
                || !paper.properties().author().isEmpty();
        if (described) {
            add("docProps/core.xml", coreProperties(), "application/vnd.openxmlformats-package.core-properties+xml");
        }
        return zip(described);
    }

    // ---- the text and its headers

    private void writeText(PartWriter document) {
        XmlElement body = document.root().elements().get(0);
        Map<Story, String> references = new LinkedHashMap<>();
        List<Section> sections = paper.sections();
        for (int i = 0; i < sections.size(); i++) {
            Section section = sections.get(i);
            document.blocks(body, section.blocks());
            XmlElement mark = XmlElement.like(body, "sectPr");
            for (Story.Kind kind : List.of(Story.Kind.HEADER, Story.Kind.FOOTER)) {
                new TreeMap<>(section.marginals(kind).stories()).forEach((variant, marginal) -> {
                    if (!marginal.inherited()) {
                        String id = references.computeIfAbsent(marginal.story(), story -> {
                            writeMarginal(marginal);
                            return document.relate(
                                    kind.name().toLowerCase(Locale.ROOT),
                                    story.id().substring(story.id().indexOf('/') + 1));
                        });
                        reference(mark, kind, variant, id);
                    }
                });
            }
            properties.writeAll(mark, SectionProperties.ALL, section.direct());
            if (i < sections.size() - 1) {
                List<XmlElement> blocks = body.elements();
                XmlElement last = blocks.get(blocks.size() - 1);
                PropertyHolder.of(last, "pPr").insertInOrder(mark, SchemaOrder.PARAGRAPH);
            } else {
                body.append(mark);
            }
        }
    }

    private static void reference(XmlElement section, Story.Kind kind, Marginals.Variant variant, String id) {
        XmlElement reference =
                section.append(XmlElement.like(section, kind.name().toLowerCase(Locale.ROOT) + "Reference"));
        reference.setAttribute("type", variant.name().toLowerCase(Locale.ROOT));
        reference.setAttribute(Ns.R, "r", "id", id);
    }

    private void writeMarginal(Marginals.Marginal marginal) {
        boolean header = marginal.story().kind() == Story.Kind.HEADER;
        PartWriter part = part(header ? "hdr" : "ftr");
        part.blocks(part.root(), marginal.blocks());
        addPart(marginal.story().id(), part, TYPES + (header ? "header+xml" : "footer+xml"));
    }

    private void writeNotes(PartWriter document, Story.Kind kind, String name) {
        List<Note> notes = paper.notes().stream()
                .filter(note -> note.story().kind() == kind)
                .toList();
        if (notes.isEmpty()) {
            return;
        }
        PartWriter part = part(name + "s");
        for (String separator : List.of("separator", "continuationSeparator")) {
            XmlElement note = part.root().append(XmlElement.like(part.root(), name));
            note.setAttribute("type", separator);
            note.setAttribute("id", separator.equals("separator") ? "-1" : "0");
            note.append(XmlElement.like(note, "p"))
                    .append(XmlElement.like(note, "r"))
                    .append(XmlElement.like(note, separator));
        }
        for (Note each : notes) {
            XmlElement note = part.root().append(XmlElement.like(part.root(), name));
            note.setAttribute("id", each.story().id());
            part.blocks(note, each.blocks());
        }
        addPart("word/" + name + "s.xml", part, TYPES + name + "s+xml");
        document.relate(name + "s", name + "s.xml");
    }

    private void writeComments() {
        PartWriter part = part("comments");
        for (Comment each : paper.comments()) {
            XmlElement comment = part.root().append(XmlElement.like(part.root(), "comment"));
            comment.setAttribute("id", each.id());
            comment.setAttribute("author", each.author());
            for (String line : each.text().split("\n", -1)) {
                XmlElement text = comment.append(XmlElement.like(comment, "p"))
                        .append(XmlElement.like(comment, "r"))
                        .append(XmlElement.like(comment, "t"));
                RunWriter.setText(text, line);
            }
        }
        addPart("word/comments.xml", part, TYPES + "comments+xml");
    }

    // ---- styles, lists, settings

    private void writeStyles() {
        PartWriter part = part("styles");
        XmlElement defaults = part.root().append(XmlElement.like(part.root(), "docDefaults"));
        XmlElement characters =
                defaults.append(XmlElement.like(defaults, "rPrDefault")).append(XmlElement.like(defaults, "rPr"));
        properties.writeAll(characters, CharacterProperties.ALL, paper.styles().characterDefaults());
        XmlElement paragraphs =
                defaults.append(XmlElement.like(defaults, "pPrDefault")).append(XmlElement.like(defaults, "pPr"));
        properties.writeAll(paragraphs, ParagraphProperties.ALL, paper.styles().paragraphDefaults());
        StyleWriter writer = new StyleWriter(properties);
        for (Style style : paper.styles().all()) {
            part.root().append(writer.write(part.root(), style));
        }
        addPart("word/styles.xml", part, TYPES + "styles+xml");
    }

    private void writeLists() {
        PartWriter part = part("numbering");
        XmlElement root = part.root();
        Set<Integer> written = new HashSet<>();
        Map<Integer, Lists.Definition> lists = new TreeMap<>(paper.lists().all());
        for (Lists.Definition list : lists.values()) {
            if (written.add(list.shared())) {
                XmlElement definition = root.append(XmlElement.like(root, "abstractNum"));
                definition.setAttribute("abstractNumId", Integer.toString(list.shared()));
                for (int i = 0; i < Lists.LEVELS; i++) {
                    if (!list.levels().get(i).equals(ListLevel.EMPTY)) {
                        definition.append(level(root, i, list.levels().get(i)));
                    }
                }
            }
        }
        lists.forEach((id, list) -> {
            XmlElement use = root.append(XmlElement.like(root, "num"));
            use.setAttribute("numId", Integer.toString(id));
            use.append(XmlElement.like(root, "abstractNumId")).setAttribute("val", Integer.toString(list.shared()));
            new TreeMap<>(list.starts()).forEach((level, start) -> {
                XmlElement override = use.append(XmlElement.like(root, "lvlOverride"));
                override.setAttribute("ilvl", Integer.toString(level));
                override.append(XmlElement.like(root, "startOverride")).setAttribute("val", Integer.toString(start));
            });
        });
        addPart("word/numbering.xml", part, TYPES + "numbering+xml");
    }

    private XmlElement level(XmlElement root, int number, ListLevel level) {
        XmlElement element = XmlElement.like(root, "lvl");
        element.setAttribute("ilvl", Integer.toString(number));
        element.append(XmlElement.like(root, "start")).setAttribute("val", Integer.toString(level.start()));
        StyleEditor.writeLevel(element, level.format(), level.text(), level.suffix());
        if (!level.style().isEmpty()) {
            PropertyWriter.writeValue(element, SchemaOrder.LEVEL, "pStyle", level.style());
        }
        XmlElement paragraph = XmlElement.like(root, "pPr");
        properties.writeAll(paragraph, ParagraphProperties.ALL, level.paragraph());
        XmlElement characters = XmlElement.like(root, "rPr");
        properties.writeAll(characters, CharacterProperties.ALL, level.character());
        for (XmlElement each : List.of(paragraph, characters)) {
            if (!each.isEmpty()) {
                element.append(each);
            }
        }
        return element;
    }

    private void writeSettings() {
        PartWriter part = part("settings");
        XmlElement root = part.root();
        PaperSettings settings = paper.settings();
        List<String> order = SchemaOrder.SETTINGS;
        Map<String, Boolean> switches = Map.of(
                "mirrorMargins", settings.mirrorMargins(),
                "gutterAtTop", settings.gutterAtTop(),
                "trackRevisions", settings.tracksChanges(),
                "autoHyphenation", settings.hyphenates(),
                "evenAndOddHeaders", settings.evenPagesDiffer());
        new TreeMap<>(switches)
                .forEach((name, on) -> PropertyWriter.writeSwitch(root, order, name, on ? Boolean.TRUE : null));
        PropertyWriter.writeValue(root, order, "defaultTabStop", settings.defaultTabStop());
        for (Story.Kind kind : List.of(Story.Kind.FOOTNOTE, Story.Kind.ENDNOTE)) {
            if (settings.noteNumbers(kind) != PaperSettings.INITIAL.noteNumbers(kind)) {
                String name = kind == Story.Kind.FOOTNOTE ? "footnotePr" : "endnotePr";
                XmlElement notes = root.insertInOrder(XmlElement.like(root, name), order);
                notes.append(XmlElement.like(root, "numFmt"))
                        .setAttribute("val", PropertyWriter.numberFormat(settings.noteNumbers(kind)));
            }
        }
        if (settings.gapsAdd()) {
            root.insertInOrder(XmlElement.like(root, "compat"), order)
                    .append(XmlElement.like(root, "doNotUseHTMLParagraphAutoSpacing"));
        }
        addPart("word/settings.xml", part, TYPES + "settings+xml");
    }

    private byte[] coreProperties() {
        return utf8(DECLARATION + "<cp:coreProperties xmlns:cp=\"" + CORE + "\" xmlns:dc=\"" + Ns.DC + "\"><dc:title>"
                + Escapes.text(paper.properties().title()) + "</dc:title><dc:creator>"
                + Escapes.text(paper.properties().author()) + "</dc:creator></cp:coreProperties>");
    }

    // ---- the package

    private PartWriter part(String root) {
        return new PartWriter(root, properties, ids, images.keySet());
    }

    private void addPart(String name, PartWriter part, String type) {
        for (String image : part.images()) {
            byte[] bytes = images.get(image);
            if (bytes == null) {
                throw new IllegalArgumentException("There is no image " + image);
            }
            parts.put(image, bytes);
        }
        add(name, part.toBytes(), type);
        byte[] relationships = part.relationships();
        if (relationships.length > 0) {
            parts.put(OpcPackage.relationshipsPart(name), relationships);
        }
    }

    private void add(String name, byte[] content, String type) {
        parts.put(name, content);
        types.put(name, type);
    }

    private byte[] zip(boolean described) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(zip, OpcPackage.CONTENT_TYPES_PART, contentTypes());
            put(zip, "_rels/.rels", packageRelationships(described));
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                put(zip, part.getKey(), part.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTime(TIME);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    private byte[] contentTypes() {
        StringBuilder xml = new StringBuilder(DECLARATION)
                .append("<Types xmlns=\"" + Ns.CONTENT_TYPES + "\">")
                .append("<Default Extension=\"rels\""
                        + " ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/>")
                .append("<Default Extension=\"xml\" ContentType=\"application/xml\"/>")
                .append("<Default Extension=\"svg\" ContentType=\"image/svg+xml\"/>");
        for (ImageFormat format : ImageFormat.values()) {
            for (String ending : format.endings()) {
                xml.append("<Default Extension=\"" + ending + "\" ContentType=\"" + format.mediaType() + "\"/>");
            }
        }
        types.forEach(
                (part, type) -> xml.append("<Override PartName=\"/" + part + "\" ContentType=\"" + type + "\"/>"));
        return utf8(xml.append("</Types>").toString());
    }

    private static byte[] packageRelationships(boolean described) {
        StringBuilder xml = new StringBuilder(DECLARATION).append("<Relationships xmlns=\"" + Ns.RELATIONSHIPS + "\">");
        xml.append(PartWriter.relationship("rId1", PartWriter.KINDS + "officeDocument", "word/document.xml", false));
        if (described) {
            xml.append(PartWriter.relationship(
                    "rId2",
                    "http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties",
                    "docProps/core.xml",
                    false));
        }
        return utf8(xml.append("</Relationships>").toString());
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    /** Numbers for what must have one of its own in the whole file. */
    static final class MarkIds {
        private final Map<String, Integer> bookmarks = new LinkedHashMap<>();
        private int drawings;

        int bookmark(String name) {
            return bookmarks.computeIfAbsent(name, key -> bookmarks.size());
        }

        int nextDrawing() {
            return ++drawings;
        }
    }
}
