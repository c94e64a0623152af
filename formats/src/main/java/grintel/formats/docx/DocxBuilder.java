package grintel.formats.docx;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.formats.xml.Escapes;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jspecify.annotations.Nullable;

/** Writes a new .docx, part by part. Blocks come in the order in which they are added. */
public final class DocxBuilder {
    private static final String DECLARATION = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";
    private static final String KINDS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";
    private static final String TYPES = "application/vnd.openxmlformats-officedocument.wordprocessingml.";

    private final PropertyWriter properties = new PropertyWriter(false);
    private final XmlDocument document =
            parse("<w:document xmlns:w=\"" + Ns.W + "\" xmlns:r=\"" + Ns.R + "\" xmlns:wp=\"" + Ns.WP + "\" xmlns:a=\""
                    + Ns.A + "\" xmlns:pic=\"" + Ns.PIC + "\"><w:body></w:body></w:document>");
    private final XmlDocument styles = parse("<w:styles xmlns:w=\"" + Ns.W
            + "\"><w:docDefaults><w:rPrDefault><w:rPr></w:rPr></w:rPrDefault><w:pPrDefault><w:pPr></w:pPr>"
            + "</w:pPrDefault></w:docDefaults></w:styles>");
    private final XmlDocument settings = parse("<w:settings xmlns:w=\"" + Ns.W + "\"></w:settings>");
    private final Map<String, byte[]> parts = new LinkedHashMap<>();
    private final Map<String, String> partTypes = new LinkedHashMap<>();
    private final StringBuilder relationships = new StringBuilder();
    private final XmlElement body;
    private XmlElement section;
    private int lastId;
    private @Nullable String title;
    private String author = "";

    public DocxBuilder() {
        body = child(document.root(), "body");
        section = XmlElement.like(body, "sectPr");
    }

    // ---- the file as a whole

    /** What holds where no style says anything. */
    public DocxBuilder defaults(PropertySet paragraph, PropertySet characters) {
        XmlElement defaults = child(styles.root(), "docDefaults");
        write(child(child(defaults, "pPrDefault"), "pPr"), paragraph);
        write(child(child(defaults, "rPrDefault"), "rPr"), characters);
        return this;
    }

    /** Adds a style; the first paragraph style added is the standard one. */
    public DocxBuilder style(
            String id,
            String name,
            Style.Kind kind,
            @Nullable String basedOn,
            PropertySet paragraph,
            PropertySet characters) {
        boolean first = styles.root().children("style").stream()
                .noneMatch(style -> kind.name().toLowerCase(Locale.ROOT).equals(style.attribute("type")));
        XmlElement style = styles.root().append(XmlElement.like(styles.root(), "style"));
        style.setAttribute("type", kind.name().toLowerCase(Locale.ROOT));
        if (first) {
            style.setAttribute("default", "1");
        }
        style.setAttribute("styleId", id);
        style.append(XmlElement.like(style, "name")).setAttribute("val", name);
        if (basedOn != null) {
            style.append(XmlElement.like(style, "basedOn")).setAttribute("val", basedOn);
        }
        write(style.append(XmlElement.like(style, "pPr")), paragraph);
        write(style.append(XmlElement.like(style, "rPr")), characters);
        return this;
    }

    /** Adds a switch of the file's settings, such as {@code autoHyphenation}. */
    public DocxBuilder setting(String name) {
        settings.root().append(XmlElement.like(settings.root(), name));
        return this;
    }

    /** Sets the file's title and author. */
    public DocxBuilder properties(String itsTitle, String itsAuthor) {
        title = itsTitle;
        author = itsAuthor;
        return this;
    }

    // ---- sections

    /** Sets a property of the section that is being filled. */
    public <T> DocxBuilder section(Property<T> property, T value) {
        properties.write(section, property, value);
        return this;
    }

    /** Gives the section a header. */
    public DocxBuilder header(Marginals.Variant variant, Consumer<ParagraphBuilder> content) {
        return marginal("header", "hdr", variant, content);
    }

    /** Gives the section a footer. */
    public DocxBuilder footer(Marginals.Variant variant, Consumer<ParagraphBuilder> content) {
        return marginal("footer", "ftr", variant, content);
    }

    private DocxBuilder marginal(
            String name, String root, Marginals.Variant variant, Consumer<ParagraphBuilder> content) {
        XmlDocument part = parse("<w:" + root + " xmlns:w=\"" + Ns.W + "\" xmlns:r=\"" + Ns.R + "\"></w:" + root + ">");
        content.accept(new ParagraphBuilder(part.root().append(XmlElement.like(part.root(), "p"))));
        String file = "word/" + name + (lastId + 1) + ".xml";
        String id = relate(name, file.substring("word/".length()));
        parts.put(file, part.toBytes());
        partTypes.put(file, TYPES + name + "+xml");
        XmlElement reference = section.insertInOrder(XmlElement.like(section, name + "Reference"), SchemaOrder.SECTION);
        reference.setAttribute("type", variant.name().toLowerCase(Locale.ROOT));
        reference.setAttribute(Ns.R, "r", "id", id);
        return this;
    }

    /** Ends the section with the paragraph added last; the next one starts out without any property. */
    public DocxBuilder endSection() {
        List<XmlElement> blocks = body.elements();
        XmlElement last = blocks.get(blocks.size() - 1);
        format(last).append(section);
        section = XmlElement.like(body, "sectPr");
        return this;
    }

    // ---- blocks

    /** Adds a paragraph. */
    public DocxBuilder paragraph(Consumer<ParagraphBuilder> content) {
        content.accept(new ParagraphBuilder(body.append(XmlElement.like(body, "p"))));
        return this;
    }

    /** Adds a paragraph of one run without formatting of its own. */
    public DocxBuilder paragraph(String text) {
        return paragraph(paragraph -> paragraph.text(text));
    }

    /**
     * Adds a table with a line above, below and under the head.
     *
     * @param columns widths in twips
     * @param rows the texts of the cells; the first row is the head
     */
    public DocxBuilder table(List<Integer> columns, List<List<String>> rows, PropertySet cell) {
        XmlElement table = body.append(XmlElement.like(body, "tbl"));
        XmlElement format = table.append(XmlElement.like(table, "tblPr"));
        XmlElement borders = format.append(XmlElement.like(table, "tblBorders"));
        for (String side : List.of("top", "bottom", "insideH")) {
            XmlElement border = borders.append(XmlElement.like(table, side));
            border.setAttribute("val", "single");
            border.setAttribute("sz", "4");
        }
        XmlElement grid = table.append(XmlElement.like(table, "tblGrid"));
        columns.forEach(
                width -> grid.append(XmlElement.like(table, "gridCol")).setAttribute("w", Integer.toString(width)));
        for (List<String> texts : rows) {
            XmlElement row = table.append(XmlElement.like(table, "tr"));
            for (int i = 0; i < texts.size(); i++) {
                XmlElement box = row.append(XmlElement.like(table, "tc"));
                XmlElement width = box.append(XmlElement.like(table, "tcPr")).append(XmlElement.like(table, "tcW"));
                width.setAttribute("w", Integer.toString(columns.get(i)));
                width.setAttribute("type", "dxa");
                XmlElement paragraph = box.append(XmlElement.like(table, "p"));
                write(paragraph.append(XmlElement.like(table, "pPr")), cell);
                new ParagraphBuilder(paragraph).text(texts.get(i));
            }
        }
        return this;
    }

    /** The finished file. */
    public byte[] build() {
        body.append(section);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(zip, "[Content_Types].xml", contentTypes());
            put(zip, "_rels/.rels", packageRelationships());
            put(zip, "word/document.xml", document.toBytes());
            put(zip, "word/styles.xml", styles.toBytes());
            put(zip, "word/settings.xml", settings.toBytes());
            put(zip, "word/_rels/document.xml.rels", documentRelationships());
            if (title != null) {
                put(zip, "docProps/core.xml", coreProperties(title));
            }
            for (Map.Entry<String, byte[]> part : parts.entrySet()) {
                put(zip, part.getKey(), part.getValue());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    // ---- parts

    private byte[] contentTypes() {
        StringBuilder xml = new StringBuilder(DECLARATION)
                .append("<Types xmlns=\"" + Ns.CONTENT_TYPES + "\">")
                .append("<Default Extension=\"rels\""
                        + " ContentType=\"application/vnd.openxmlformats-package.relationships+xml\"/>")
                .append("<Default Extension=\"xml\" ContentType=\"application/xml\"/>")
                .append("<Default Extension=\"png\" ContentType=\"image/png\"/>");
        Map<String, String> overrides = new LinkedHashMap<>();
        overrides.put("word/document.xml", TYPES + "document.main+xml");
        overrides.put("word/styles.xml", TYPES + "styles+xml");
        overrides.put("word/settings.xml", TYPES + "settings+xml");
        if (title != null) {
            overrides.put("docProps/core.xml", "application/vnd.openxmlformats-package.core-properties+xml");
        }
        overrides.putAll(partTypes);
        overrides.forEach(
                (part, type) -> xml.append("<Override PartName=\"/" + part + "\" ContentType=\"" + type + "\"/>"));
        return xml.append("</Types>").toString().getBytes(StandardCharsets.UTF_8);
    }

    private byte[] packageRelationships() {
        StringBuilder xml = new StringBuilder(DECLARATION).append("<Relationships xmlns=\"" + Ns.RELATIONSHIPS + "\">");
        xml.append(relationship("rId1", KINDS + "officeDocument", "word/document.xml"));
        if (title != null) {
            xml.append(relationship(
                    "rId2",
                    "http://schemas.openxmlformats.org/package/2006/relationships/metadata/core-properties",
                    "docProps/core.xml"));
        }
        return xml.append("</Relationships>").toString().getBytes(StandardCharsets.UTF_8);
    }

    private byte[] documentRelationships() {
        relate("styles", "styles.xml");
        relate("settings", "settings.xml");
        return (DECLARATION + "<Relationships xmlns=\"" + Ns.RELATIONSHIPS + "\">" + relationships + "</Relationships>")
                .getBytes(StandardCharsets.UTF_8);
    }

    private byte[] coreProperties(String itsTitle) {
        return (DECLARATION + "<cp:coreProperties"
                        + " xmlns:cp=\"http://schemas.openxmlformats.org/package/2006/metadata/core-properties\""
                        + " xmlns:dc=\"" + Ns.DC + "\"><dc:title>" + Escapes.text(itsTitle) + "</dc:title><dc:creator>"
                        + Escapes.text(author) + "</dc:creator></cp:coreProperties>")
                .getBytes(StandardCharsets.UTF_8);
    }

    private String relate(String kind, String target) {
        String id = "rId" + ++lastId;
        relationships.append(relationship(id, KINDS + kind, target));
        return id;
    }

    private static String relationship(String id, String type, String target) {
        return "<Relationship Id=\"" + id + "\" Type=\"" + type + "\" Target=\"" + target + "\"/>";
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        // A fixed time makes the same paper the same bytes.
        entry.setTime(1_790_000_000_000L);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    private static XmlDocument parse(String xml) {
        return XmlDocument.parse("new part", (DECLARATION + xml).getBytes(StandardCharsets.UTF_8), Map.of());
    }

    private static XmlElement child(XmlElement parent, String name) {
        XmlElement child = parent.child(name);
        return child != null ? child : parent.append(XmlElement.like(parent, name));
    }

    private static XmlElement format(XmlElement paragraph) {
        XmlElement format = paragraph.child("pPr");
        return format != null ? format : paragraph.prepend(XmlElement.like(paragraph, "pPr"));
    }

    private void write(XmlElement container, PropertySet set) {
        for (List<Property<?>> family : List.of(ParagraphProperties.ALL, CharacterProperties.ALL)) {
            for (Property<?> property : set.said(family)) {
                if (property.family()
                        == Property.Family.PARAGRAPH
                        == container.name().equals("pPr")) {
                    properties.write(container, property, set.get(property));
                }
            }
        }
    }

    /** Fills one paragraph. */
    public final class ParagraphBuilder {
        private static final String XML = "http://www.w3.org/XML/1998/namespace";

        private final XmlElement paragraph;

        private ParagraphBuilder(XmlElement paragraph) {
            this.paragraph = paragraph;
        }

        /** Names the paragraph's style. */
        public ParagraphBuilder style(String id) {
            XmlElement format = format(paragraph);
            format.prepend(XmlElement.like(paragraph, "pStyle")).setAttribute("val", id);
            return this;
        }

        /** Sets a property of the paragraph itself. */
        public <T> ParagraphBuilder set(Property<T> property, T value) {
            properties.write(format(paragraph), property, value);
            return this;
        }

        /** Adds characters without formatting of their own. */
        public ParagraphBuilder text(String text) {
            return text(text, PropertySet.empty());
        }

        /** Adds characters with formatting of their own. */
        public ParagraphBuilder text(String text, PropertySet format) {
            XmlElement element = run(format).append(XmlElement.like(paragraph, "t"));
            element.setAttribute(XML, "xml", "space", "preserve");
            element.setText(text);
            return this;
        }

        /** Adds a tab. */
        public ParagraphBuilder tab() {
            run(PropertySet.empty()).append(XmlElement.like(paragraph, "tab"));
            return this;
        }

        /** Adds a break to a new line. */
        public ParagraphBuilder lineBreak() {
            run(PropertySet.empty()).append(XmlElement.like(paragraph, "br"));
            return this;
        }

        /** Adds a break to a new page. */
        public ParagraphBuilder pageBreak() {
            run(PropertySet.empty()).append(XmlElement.like(paragraph, "br")).setAttribute("type", "page");
            return this;
        }

        /** Adds a live page number. */
        public ParagraphBuilder pageNumber(PropertySet format) {
            XmlElement field = paragraph.append(XmlElement.like(paragraph, "fldSimple"));
            field.setAttribute("instr", " PAGE ");
            XmlElement run = field.append(XmlElement.like(paragraph, "r"));
            write(run.append(XmlElement.like(paragraph, "rPr")), format);
            run.append(XmlElement.like(paragraph, "t")).setText("1");
            return this;
        }

        /**
         * Adds a picture in the line.
         *
         * @param png the image
         * @param width EMU
         * @param height EMU
         */
        public ParagraphBuilder picture(byte[] png, long width, long height, String alternative) {
            String file = "word/media/image" + (lastId + 1) + ".png";
            String id = relate("image", file.substring("word/".length()));
            parts.put(file, png);
            String xml = "<w:drawing xmlns:w=\"" + Ns.W + "\" xmlns:r=\"" + Ns.R + "\" xmlns:wp=\"" + Ns.WP
                    + "\" xmlns:a=\"" + Ns.A + "\" xmlns:pic=\"" + Ns.PIC + "\"><wp:inline><wp:extent cx=\"" + width
                    + "\" cy=\"" + height + "\"/><wp:docPr id=\"" + lastId + "\" name=\"Picture " + lastId
                    + "\" descr=\""
                    + Escapes.attribute(alternative) + "\"/><a:graphic><a:graphicData uri=\"" + Ns.PIC
                    + "\"><pic:pic><pic:nvPicPr><pic:cNvPr id=\"" + lastId + "\" name=\"Picture " + lastId
                    + "\"/><pic:cNvPicPr/></pic:nvPicPr><pic:blipFill><a:blip r:embed=\"" + id
                    + "\"/><a:stretch><a:fillRect/></a:stretch></pic:blipFill><pic:spPr><a:xfrm><a:off x=\"0\" y=\"0\"/>"
                    + "<a:ext cx=\"" + width + "\" cy=\"" + height
                    + "\"/></a:xfrm><a:prstGeom prst=\"rect\"><a:avLst/></a:prstGeom></pic:spPr></pic:pic>"
                    + "</a:graphicData></a:graphic></wp:inline></w:drawing>";
            run(PropertySet.empty()).append(parse(xml).root());
            return this;
        }

        private XmlElement run(PropertySet format) {
            XmlElement run = paragraph.append(XmlElement.like(paragraph, "r"));
            if (!format.isEmpty()) {
                write(run.append(XmlElement.like(paragraph, "rPr")), format);
            }
            return run;
        }
    }
}
