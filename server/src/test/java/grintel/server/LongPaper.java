package grintel.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** A small file of a paper with many pages. */
public final class LongPaper {
    private static final String TYPES = """
            <Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types">
            <Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/>
            <Override PartName="/word/document.xml" ContentType=\
            "application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>""";
    private static final String RELATIONS = """
            <Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r" Type=\
            "http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument" Target="word/document.xml"/>\
            </Relationships>""";

    private LongPaper() {}

    /** A paper of so many pages, each with a line on it. */
    public static byte[] write(int pages) {
        String page = "<w:p><w:r><w:t>Fog bells</w:t></w:r></w:p><w:p><w:r><w:br w:type=\"page\"/></w:r></w:p>";
        String document =
                "<w:document xmlns:w=\"http://schemas.openxmlformats.org/wordprocessingml/2006/main\"><w:body>"
                        + page.repeat(pages - 1) + "<w:p><w:r><w:t>The end</w:t></w:r></w:p></w:body></w:document>";
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            put(zip, "[Content_Types].xml", TYPES);
            put(zip, "_rels/.rels", RELATIONS);
            put(zip, "word/document.xml", document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static void put(ZipOutputStream zip, String name, String text) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        zip.write(text.getBytes(StandardCharsets.UTF_8));
    }
}
