package grintel.formats.demo;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.limit.WorkLimits;
import grintel.core.structure.PaperFacts;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** The papers of the demo are what they are meant to be. */
class SamplePapersTest {
    private static Parts parts(DocxFile file) {
        return Parts.recognise(file.paper(), Typesetter.typeset(file.paper(), WorkLimits.within(20)));
    }

    private static List<PartKind> kinds(DocxFile file) {
        Parts parts = parts(file);
        return IntStream.range(0, file.paper().paragraphs().size())
                .mapToObj(parts::kind)
                .filter(kind -> kind != PartKind.BLANK)
                .toList();
    }

    @Test
    void theSamplePapersAreTakenForWhatTheyAre() {
        DocxFile essay = DocxFile.read(UntidyEssay.write());
        DocxFile study = DocxFile.read(UntidyStudy.write());
        assertThat(kinds(essay).subList(0, 5))
                .containsExactly(PartKind.AUTHOR, PartKind.INSTRUCTOR, PartKind.COURSE, PartKind.DATE, PartKind.TITLE);
        assertThat(kinds(essay)).filteredOn(PartKind.BLOCK_QUOTATION::equals).hasSize(1);
        assertThat(kinds(essay)).filteredOn(PartKind.ENTRY::equals).hasSize(4);
        assertThat(kinds(essay)).filteredOn(PartKind.GRID::equals).hasSize(16);
        assertThat(kinds(study).subList(0, 6))
                .containsExactly(
                        PartKind.TITLE,
                        PartKind.AUTHOR,
                        PartKind.DEPARTMENT,
                        PartKind.COURSE,
                        PartKind.INSTRUCTOR,
                        PartKind.DATE);
        assertThat(kinds(study)).filteredOn(PartKind.HEADING::equals).hasSize(5);
        assertThat(kinds(study)).filteredOn(PartKind.ENTRY::equals).hasSize(6);
    }

    @Test
    void thoseWithNotesAreTakenForWhatTheyAre() {
        DocxFile tolls = DocxFile.read(UntidyNotes.tolls());
        DocxFile hymns = DocxFile.read(UntidyNotes.hymns());
        assertThat(tolls.paper().notes()).hasSize(7);
        assertThat(kinds(tolls)).filteredOn(PartKind.HEADING::equals).hasSize(3);
        assertThat(kinds(tolls)).filteredOn(PartKind.ENTRY::equals).hasSize(5);
        assertThat(parts(tolls).facts().surname()).isEqualTo("Orsted");
        assertThat(hymns.paper().notes()).hasSize(3);
        assertThat(kinds(hymns)).filteredOn(PartKind.BLOCK_QUOTATION::equals).hasSize(1);
        assertThat(kinds(hymns).subList(0, 6))
                .containsExactly(
                        PartKind.INSTITUTION,
                        PartKind.TITLE,
                        PartKind.COURSE,
                        PartKind.INSTRUCTOR,
                        PartKind.AUTHOR,
                        PartKind.DATE);
    }

    @Test
    void factsAreReadOffTheOpening() {
        DocxFile essay = DocxFile.read(UntidyEssay.write());
        DocxFile study = DocxFile.read(UntidyStudy.write());
        PaperFacts ofEssay = parts(essay).facts();
        PaperFacts ofStudy = parts(study).facts();
        assertThat(ofEssay.surname()).isEqualTo("Solvane");
        assertThat(ofEssay.title()).startsWith("Lamps on the Low Canal");
        assertThat(ofStudy.surname()).isEqualTo("Ekwall");
        assertThat(ofStudy.title()).startsWith("Fog Bells");
    }
}
