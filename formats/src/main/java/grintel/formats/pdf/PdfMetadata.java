package grintel.formats.pdf;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.GregorianCalendar;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDDocumentInformation;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** Title, author, language, colours and the claims to PDF/A-2u and PDF/UA-1 (ISO 19005-2 §6.6, ISO 14289-1 §5). */
final class PdfMetadata {
    private static final String PRODUCER = "Grintel";
    private static final String TEMPLATE = template();
    private static final byte[] PROFILE =
            ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
    private static final String SRGB = "sRGB IEC61966-2.1";

    private PdfMetadata() {}

    static void set(PDDocument document, PdfDetails details) throws IOException {
        document.getDocument().setVersion(1.7f);
        PDDocumentInformation information = document.getDocumentInformation();
        information.setTitle(details.title());
        if (!details.author().isEmpty()) {
            information.setAuthor(details.author());
        }
        information.setProducer(PRODUCER);
        GregorianCalendar made = GregorianCalendar.from(
                details.made().truncatedTo(ChronoUnit.SECONDS).atZone(ZoneOffset.UTC));
        information.setCreationDate(made);
        information.setModificationDate(made);

        PDDocumentCatalog catalog = document.getDocumentCatalog();
        catalog.setLanguage(details.language());
        PDMarkInfo marked = new PDMarkInfo();
        marked.setMarked(true);
        catalog.setMarkInfo(marked);
        PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
        preferences.setDisplayDocTitle(true);
        catalog.setViewerPreferences(preferences);
        PDMetadata metadata = new PDMetadata(document);
        metadata.importXMPMetadata(packet(details).getBytes(StandardCharsets.UTF_8));
        catalog.setMetadata(metadata);
        catalog.addOutputIntent(colours(document));
    }

    private static PDOutputIntent colours(PDDocument document) throws IOException {
        PDOutputIntent intent = new PDOutputIntent(document, new ByteArrayInputStream(PROFILE));
        intent.setInfo(SRGB);
        intent.setOutputCondition(SRGB);
        intent.setOutputConditionIdentifier(SRGB);
        intent.setRegistryName("http://www.color.org");
        return intent;
    }

    private static String packet(PdfDetails details) {
        String author = details.author().isEmpty()
                ? ""
                : "<dc:creator><rdf:Seq><rdf:li>" + escaped(details.author()) + "</rdf:li></rdf:Seq></dc:creator>";
        return TEMPLATE.replace("{title}", escaped(details.title()))
                .replace("{creator}", author)
                .replace("{language}", escaped(details.language()))
                .replace("{producer}", PRODUCER)
                .replace(
                        "{made}",
                        DateTimeFormatter.ISO_INSTANT.format(details.made().truncatedTo(ChronoUnit.SECONDS)));
    }

    private static String template() {
        try (InputStream in = PdfMetadata.class.getResourceAsStream("metadata.xmp")) {
            if (in == null) {
                throw new IllegalStateException("metadata.xmp is not shipped");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String escaped(String text) {
        StringBuilder out = new StringBuilder(text.length());
        text.codePoints().filter(c -> c >= ' ').forEach(c -> {
            switch (c) {
                case '&' -> out.append("&amp;");
                case '<' -> out.append("&lt;");
                case '>' -> out.append("&gt;");
                default -> out.appendCodePoint(c);
            }
        });
        return out.toString();
    }
}
