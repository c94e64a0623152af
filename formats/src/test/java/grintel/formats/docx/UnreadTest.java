package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.PutRight;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.formats.xml.XmlDocument;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Damaged files hold text where none belongs; it is not read, and not lost either. */
class UnreadTest {
    private static final String TEXT =
            "<w:p><w:r><w:t>The keepers ring for the boats on every evening.</w:t></w:r></w:p>";

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<w:p><w:p><w:t>Marit Solvane</w:t></w:p></w:p>",
                "<w:p><w:pPr><w:t>Marit Solvane</w:t></w:pPr></w:p>",
                "<w:p><w:r><w:tab><w:t>Marit Solvane</w:t></w:tab></w:r><w:r><w:t>Bells.</w:t></w:r></w:p>",
                "<w:p><w:drawing><w:t>Marit Solvane</w:t></w:drawing></w:p>",
                "<w:p><w:r><w:t>    </w:t><w:tc><w:p><w:r><w:t>Marit Solvane</w:t></w:r></w:p></w:tc></w:r></w:p>",
                "<w:p><w:r><w:rPr><w:color w:val='C00000'><w:r><w:t>Marit Solvane</w:t></w:r></w:color></w:rPr>"
                        + "<w:t>Bells</w:t></w:r></w:p>",
                "<w:p><w:r><w:t>Bells.  <w:p><w:t>Marit Solvane</w:t></w:p></w:t></w:r></w:p>",
            })
    void textInAPlaceThatIsNoneStays(String paragraph) {
        byte[] file =
                RawDocx.transitional().body(TEXT + paragraph + "<w:p/>" + TEXT).build();
        Brief brief = Brief.of(Objects.requireNonNull(Guides.find("apa-7-student")), null, Facts.NONE);
        PutRight.Result<DocxFile> mended = PutRight.run(
                DocxFile.read(file), brief, PutRight.Choice.upTo(FixClass.APPARATUS), WorkLimits.within(20));
        assertThat(mended.done()).isNotEmpty();
        assertThat(document(mended.file().bytes())).contains("Marit Solvane");
    }

    private static String document(byte[] file) {
        try (OpcPackage opc = OpcPackage.open(file)) {
            byte[] part = Objects.requireNonNull(opc.archive().get("word/document.xml"));
            return XmlDocument.parse("word/document.xml", part, Map.of()).root().text();
        }
    }
}
