package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.edit.WordChange;
import grintel.core.guide.Contradiction;
import grintel.core.guide.value.Length;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.core.structure.PartKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class WordingTest {
    private static final Measure SHEET = new Measure.Sheet(inches(12240), inches(15840));

    @ParameterizedTest
    @CsvSource({"AS_ASKED, 1.25 in", "INCHES, 1.25 in", "CENTIMETRES, 3.18 cm"})
    void lengthsFollowTheUnits(Units units, String told) {
        assertThat(Wording.told(inches(1800), units)).isEqualTo(told);
    }

    @Test
    void soDoLengthsInsideOtherMeasuresAndSentences() {
        assertThat(Wording.told(SHEET, Units.CENTIMETRES)).isEqualTo("21.59 × 27.94 cm");
        assertThat(Wording.told(new Measure.Between(inches(1440), inches(2160)), Units.CENTIMETRES))
                .isEqualTo("2.54 to 3.81 cm");
        Reading left = reading("sheet.margins", "left", inches(1800), inches(1440));
        assertThat(Wording.message(left, Units.CENTIMETRES))
                .isEqualTo("The left margin is 3.18 cm; the guide asks for 2.54 cm.");
        assertThat(Wording.note(left, Units.CENTIMETRES)).isEqualTo("left 2.54 cm");
    }

    @Test
    void sizesAndGapsStayInPoints() {
        assertThat(Wording.told(new Measure.Size(23), Units.CENTIMETRES)).isEqualTo("11.5 pt");
        assertThat(Wording.told(Measure.distance(160, Length.Unit.POINTS), Units.INCHES))
                .isEqualTo("8 pt");
    }

    @Test
    void differencesHaveASignAndAUnit() {
        assertThat(difference(inches(1800), inches(1440), Units.INCHES)).isEqualTo("+0.25 in");
        assertThat(difference(inches(1300), inches(1440), Units.CENTIMETRES)).isEqualTo("\u22120.25 cm");
        assertThat(difference(new Measure.Lines(1.15), new Measure.Lines(2), Units.INCHES))
                .isEqualTo("\u22120.85 lines");
        assertThat(difference(new Measure.Lines(3), new Measure.Lines(2), Units.INCHES))
                .isEqualTo("+1 line");
        Measure between = new Measure.Between(new Measure.Size(22), new Measure.Size(26));
        assertThat(difference(new Measure.Size(20), between, Units.INCHES)).isEqualTo("\u22121 pt");
        assertThat(difference(new Measure.Size(30), between, Units.INCHES)).isEqualTo("+2 pt");
        assertThat(difference(Measure.word("justified"), Measure.word("ragged-right"), Units.INCHES))
                .isEmpty();
    }

    @Test
    void whatIsDoneAndLeftUndoneIsSaidInSentences() {
        Reading left = reading("sheet.margins", "left", inches(1800), inches(1440));
        assertThat(Wording.putRight(left, left.asked(), Units.CENTIMETRES)).isEqualTo("Left margin: 3.18 cm → 2.54 cm");
        assertThat(Wording.leftOut("sheet.margins", "refused"))
                .isEqualTo("Margins was left as it is: something in the file stands in the way.");
        assertThat(Wording.counted(1, "page-without") + ", " + Wording.counted(3, "page-without"))
                .isEqualTo("1 page without a number, 3 pages without a number");
        assertThat(Wording.shown("a " + Paragraph.OBJECT)).isEqualTo("a [picture]");
        assertThat(Wording.broughtIn("reversed-items")).startsWith("Note. (R)");
    }

    @ParameterizedTest
    @EnumSource(
            value = PartKind.class,
            mode = EnumSource.Mode.MATCH_ANY,
            names = {"TITLE", "HEADING", "ENTRY", "UNKNOWN"})
    void partsOfOneParagraphHaveNames(PartKind kind) {
        assertThat(Wording.part(kind)).isNotBlank();
    }

    @ParameterizedTest
    @EnumSource(Contradiction.class)
    void everyContradictionHasASentence(Contradiction contradiction) {
        assertThat(Wording.told(contradiction)).endsWith(".");
    }

    @Test
    void placesOfWordsSayWhichPagesAndWhichSection() {
        assertThat(Wording.told(new WordChange.Where(Story.Kind.HEADER, 2, Marginals.Variant.FIRST, null)))
                .isEqualTo("Header, first page, section 3");
        assertThat(Wording.told(new WordChange.Where(Story.Kind.FOOTER, 0, Marginals.Variant.EVEN, null)))
                .isEqualTo("Footer, even pages");
    }

    private static Measure.Distance inches(double twips) {
        return Measure.distance(twips, Length.Unit.INCHES);
    }

    private static String difference(Measure is, Measure asked, Units units) {
        return Wording.difference(reading("sheet.margins", "left", is, asked), units);
    }

    private static Reading reading(String rule, String quantity, Measure is, Measure asked) {
        return Reading.met(rule, quantity, is, asked);
    }
}
