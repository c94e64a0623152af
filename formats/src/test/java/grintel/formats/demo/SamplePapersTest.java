package grintel.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.rule.PaperFacts;
import grintel.core.structure.Parts;
import grintel.core.structure.Role;
import grintel.core.typeset.LayoutLimits;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import org.junit.jupiter.api.Test;

/** The papers of the demo are what they are meant to be. */
class SamplePapersTest {
    private static Parts parts(DocxFile file) {
        return Parts.recognise(file.paper(), Typesetter.typeset(file.paper(), LayoutLimits.within(20)));
    }

    @Test
    void theSamplePapersAreTakenForWhatTheyAre() {
        DocxFile essay = DocxFile.read(UntidyEssay.write());
        DocxFile study = DocxFile.read(UntidyStudy.write());
        assertThat(parts(essay).of(Role.HEADING_BLOCK)).hasSize(4);
        assertThat(parts(essay).of(Role.BLOCK_QUOTATION)).hasSize(1);
        assertThat(parts(essay).of(Role.ENTRY)).hasSize(4);
        assertThat(parts(essay).of(Role.TABLE_CELL)).hasSize(16);
        assertThat(parts(study).of(Role.TITLE_PAGE)).hasSize(6);
        assertThat(parts(study).of(Role.HEADING)).hasSize(5);
        assertThat(parts(study).of(Role.ENTRY)).hasSize(6);
    }

    @Test
    void factsAreReadOffTheOpening() {
        DocxFile essay = DocxFile.read(UntidyEssay.write());
        DocxFile study = DocxFile.read(UntidyStudy.write());
        PaperFacts ofEssay = PaperFacts.read(essay.paper(), parts(essay));
        PaperFacts ofStudy = PaperFacts.read(study.paper(), parts(study));
        assertThat(ofEssay.surname()).isEqualTo("Solvane");
        assertThat(ofEssay.title()).startsWith("Lamps on the Low Canal");
        assertThat(ofStudy.surname()).isEqualTo("Ekwall");
        assertThat(ofStudy.title()).startsWith("Fog Bells");
    }
}
