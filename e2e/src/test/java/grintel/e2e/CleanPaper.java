package grintel.e2e;

import grintel.core.compose.Composer;
import grintel.core.compose.SampleContent;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.formats.docx.DocxWriter;
import java.util.Objects;

/** A paper of which nothing is off. */
final class CleanPaper {
    private static final String FACTS = """
            authors: [{given: Marit, surname: Solvane}]
            title: Lamps on the Low Canal
            instructor: Dr. Ilse Tamberg
            course-number: LIT 214
            course-name: Novels of the Canals
            date: 2026-10-09
            """;

    private CleanPaper() {}

    /** The file of a specimen of MLA 9. */
    static byte[] write() {
        Facts facts = Facts.parse("facts.yaml", FACTS);
        Guide guide = Objects.requireNonNull(Guides.find("mla-9"));
        return DocxWriter.write(
                Composer.compose(Brief.of(guide, null, facts), SampleContent.of(guide)), SampleContent.images());
    }
}
