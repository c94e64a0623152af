package grintel.bench;

import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.typeset.FaceCatalogue;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.sax.SAXResult;
import javax.xml.transform.stream.StreamSource;
import org.apache.fop.apps.FOPException;
import org.apache.fop.apps.Fop;
import org.apache.fop.apps.FopConfParser;
import org.apache.fop.apps.FopFactory;
import org.apache.fop.apps.MimeConstants;
import org.xml.sax.SAXException;

/** A general-purpose formatter (XSL-FO) that sets the same text in the same face on the same sheet, as a PDF. */
final class GeneralFormatter implements AutoCloseable {
    private final Path folder;
    private final FopFactory factory;
    private final TransformerFactory transformers = TransformerFactory.newInstance();

    GeneralFormatter() throws IOException, SAXException {
        folder = Files.createTempDirectory("grintel-bench");
        Path face = folder.resolve("face.ttf");
        try (InputStream in = FaceCatalogue.open("LiberationSerif-Regular")) {
            Files.copy(in, face);
        }
        String settings = "<fop version=\"1.0\"><renderers><renderer mime=\"application/pdf\"><fonts>"
                + "<font embed-url=\"" + face.toUri() + "\" kerning=\"no\">"
                + "<font-triplet name=\"Face\" style=\"normal\" weight=\"normal\"/></font>"
                + "</fonts></renderer></renderers></fop>";
        factory = new FopConfParser(new ByteArrayInputStream(settings.getBytes(StandardCharsets.UTF_8)), folder.toUri())
                .getFopFactoryBuilder()
                .build();
    }

    /** The text of a paper as formatting objects: Letter, margins of an inch, 12 pt double-spaced. */
    static String objects(Paper paper) {
        StringBuilder out = new StringBuilder("<fo:root xmlns:fo=\"http://www.w3.org/1999/XSL/Format\">"
                + "<fo:layout-master-set><fo:simple-page-master master-name=\"page\" page-width=\"612pt\""
                + " page-height=\"792pt\" margin=\"72pt\"><fo:region-body/></fo:simple-page-master>"
                + "</fo:layout-master-set><fo:page-sequence master-reference=\"page\">"
                + "<fo:flow flow-name=\"xsl-region-body\" font-family=\"Face\" font-size=\"12pt\""
                + " line-height=\"27.6pt\">");
        for (Paragraph paragraph : paper.paragraphs()) {
            String text = paragraph.text().strip().replace("&", "&amp;").replace("<", "&lt;");
            out.append("<fo:block text-indent=\"36pt\">").append(text).append("</fo:block>");
        }
        return out.append("</fo:flow></fo:page-sequence></fo:root>").toString();
    }

    /** Lays formatting objects out and writes the PDF. */
    byte[] format(String objects) throws FOPException, TransformerException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Fop fop = factory.newFop(MimeConstants.MIME_PDF, out);
        Transformer copy = transformers.newTransformer();
        copy.transform(new StreamSource(new StringReader(objects)), new SAXResult(fop.getDefaultHandler()));
        return out.toByteArray();
    }

    @Override
    public void close() throws IOException {
        Files.deleteIfExists(folder.resolve("face.ttf"));
        Files.deleteIfExists(folder);
    }
}
