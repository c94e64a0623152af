package grintel.formats.docx;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** A .docx written by hand, part by part, as other programs write it. */
public final class RawDocx {
    static final String STRICT = "http://purl.oclc.org/ooxml/wordprocessingml/main";

    private final Map<String, byte[]> parts = new LinkedHashMap<>();
    private final StringBuilder relationships = new StringBuilder();
    private final String namespace;
    private String body = "";
    private String rootAttributes = "";
    private Charset charset = StandardCharsets.UTF_8;
    private int ids;

    private RawDocx(String namespace) {
        this.namespace = namespace;
    }

    public static RawDocx transitional() {
        return new RawDocx(Ns.W);
    }

    public static RawDocx strict() {
        RawDocx docx = new RawDocx(STRICT);
        docx.rootAttributes = " w:conformance=\"strict\"";
        return docx;
    }

    /** The blocks of the text. */
    public RawDocx body(String xml) {
        body = xml;
        return this;
    }

    public RawDocx styles(String xml) {
        return related("styles", "w:styles", xml);
    }

    public RawDocx settings(String xml) {
        return related("settings", "w:settings", xml);
    }

    public RawDocx numbering(String xml) {
        return related("numbering", "w:numbering", xml);
    }

    public RawDocx footnotes(String xml) {
        return related("footnotes", "w:footnotes", xml);
    }

    public RawDocx header(String xml) {
        return related("header", "w:hdr", xml);
    }

    public RawDocx comments(String xml) {
        return related("comments", "w:comments", xml);
    }

    public RawDocx theme(String xml) {
        relate("theme", "theme.xml");
        return part("word/theme.xml", "<a:theme xmlns:a=\"" + Ns.A + "\">" + xml + "</a:theme>");
    }

    /** Any further part. */
    public RawDocx part(String name, String content) {
        return part(name, content.getBytes(StandardCharsets.UTF_8));
    }

    RawDocx part(String name, byte[] content) {
        parts.put(name, content);
        return this;
    }

    RawDocx encoding(Charset other) {
        charset = other;
        return this;
    }

    private RawDocx related(String kind, String root, String xml) {
        relate(kind, kind + ".xml");
        return part("word/" + kind + ".xml", "<" + root + " xmlns:w=\"" + namespace + "\">" + xml + "</" + root + ">");
    }

    /** Names a part in the document's relationships and gives the id it has there. */
    String relate(String kind, String target) {
        String id = "rId" + ++ids;
        relationships.append("<Relationship Id=\"" + id
                + "\" Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/" + kind
                + "\" Target=\""
                + target + "\"/>");
        return id;
    }

    public byte[] build() {
        Map<String, byte[]> all = new LinkedHashMap<>();
        all.put(
                "[Content_Types].xml",
                utf8("<Types xmlns=\"" + Ns.CONTENT_TYPES
                        + "\"><Default Extension=\"xml\" ContentType=\"application/xml\"/>"
                        + "<Default Extension=\"png\" ContentType=\"image/png\"/></Types>"));
        all.put(
                "_rels/.rels",
                utf8("<Relationships xmlns=\"" + Ns.RELATIONSHIPS + "\"><Relationship Id=\"rId1\""
                        + " Type=\"http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument\""
                        + " Target=\"word/document.xml\"/></Relationships>"));
        all.put(
                "word/_rels/document.xml.rels",
                utf8("<Relationships xmlns=\"" + Ns.RELATIONSHIPS + "\">" + relationships + "</Relationships>"));
        String document = "<?xml version=\"1.0\" encoding=\"" + charset.name() + "\"?><w:document xmlns:w=\""
                + namespace
                + "\" xmlns:r=\"" + Ns.R + "\" xmlns:mc=\"" + Ns.MC + "\" xmlns:wps=\"urn:wps\"" + rootAttributes
                + "><w:body>" + body + "</w:body></w:document>";
        all.put("word/document.xml", document.getBytes(charset));
        all.putAll(parts);
        return zip(all);
    }

    static byte[] zip(Map<String, byte[]> entries) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
                zip.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static byte[] utf8(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
