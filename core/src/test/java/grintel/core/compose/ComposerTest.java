package grintel.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Facts.Author;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.core.specimen.SampleFacts;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What is composed from a brief is correct by it. */
class ComposerTest {
    private static final Facts FACTS = SampleFacts.FACTS;

    static Stream<Guide> guides() {
        return Guides.all().stream();
    }

    private static Report examine(Paper paper, Brief brief) {
        return Examiner.examine(paper, brief, WorkLimits.within(20));
    }

    @ParameterizedTest
    @MethodSource("guides")
    void aSpecimenHasNoFinding(Guide guide) {
        Brief brief = Brief.of(guide, null, FACTS);
        Report report = examine(Composer.compose(brief, SampleContent.of(guide)), brief);
        assertThat(report.findings()).isEmpty();
        assertThat(report.parts().hasTitlePage()).isEqualTo(new Form(guide).hasTitlePage());
    }

    @ParameterizedTest
    @MethodSource("guides")
    void aNewPaperOfWhichNothingIsKnownHasOnlyPlaceholders(Guide guide) {
        Brief brief = Brief.of(guide, null, Facts.NONE);
        Report report = examine(Composer.compose(brief, BlankContent.of(guide, true)), brief);
        assertThat(report.findings())
                .filteredOn(reading -> !reading.rule().equals("hand-in.placeholders"))
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("guides")
    void aSpecimenSaysTheRulesBesideThePagesThatShowThem(Guide guide) {
        Specimen specimen = Specimen.of(Brief.of(guide, null, FACTS), WorkLimits.within(20));
        assertThat(specimen.notes())
                .extracting(SpecimenNotes.Note::text)
                .contains("Margins: top 1 in, right 1 in, bottom 1 in, left 1 in", "Lines double");
        assertThat(specimen.notes())
                .allMatch(
                        note -> guide.ask(note.rule()).isAsked() && !note.text().contains("{"));
    }

    static Stream<Arguments> oddFacts() {
        Author tobias = new Author("Tobias", "", "Ekwall");
        String endless = "The Lamps of the Low Canal and of the Islands That Lie before It in the Long Winters of the"
                + " Last Keepers as They Are Told in the Ledgers of the Four Quays and in the Songs of the Boatmen Who Came by"
                + " Them at Night with Oil and with Rope and with News of the Town and of the Weirs and of the Sea beyond"
                + " All of Them";
        return Stream.of(
                        new Facts(Map.of("title", endless, "subtitle", "A Study"), List.of(tobias)),
                        new Facts(
                                Map.of("title", "\u05e0\u05e8\u05d5\u05ea \u05e2\u05dc \u05d4\u05ea\u05e2\u05dc\u05d4"),
                                List.of(tobias)),
                        new Facts(
                                Map.of("title", "Lamps \ud83d\udd6f and Quays"), List.of(new Author("Marit", "", ""))),
                        new Facts(Map.of("title", "Lamps", "date", "some day"), Collections.nCopies(12, tobias)),
                        new Facts(
                                Map.of("short-title", "Fog Bells and the Evening Feeding of Wading Birds at Low Tide"),
                                List.of()))
                .flatMap(facts -> Guides.all().stream().map(guide -> Arguments.of(guide, facts)));
    }

    @ParameterizedTest
    @MethodSource("oddFacts")
    void oddFactsAreSetAndNothingOfThemIsLost(Guide guide, Facts facts) {
        Brief brief = Brief.of(guide, null, facts);
        Paper paper = Composer.compose(brief, BlankContent.of(guide, false));
        String text = paper.paragraphs().stream().map(Paragraph::text).collect(Collectors.joining("\n"));
        if (facts.get("title") != null) {
            assertThat(text).contains(facts.get("title"));
        }
        assertThat(text)
                .contains(
                        facts.authors().isEmpty() ? "[" : facts.authors().get(0).given());
        Report report = examine(paper, brief);
        assertThat(report.parts().hasTitlePage()).isEqualTo(new Form(guide).hasTitlePage());
        // What is off is what the facts say, never how it is set.
        assertThat(report.findings())
                .filteredOn(finding ->
                        finding.fixClass() == FixClass.LOOKS && !finding.rule().startsWith("hand-in."))
                .isEmpty();
    }

    @ParameterizedTest
    @MethodSource("guides")
    void whatIsTypedAfterAParagraphHasTheFormThatBelongsThere(Guide guide) {
        Paper paper = Composer.compose(Brief.of(guide, null, FACTS), SampleContent.of(guide));
        StyleSheet styles = paper.styles();
        assertThat(next(styles, "Title")).isEqualTo("Body Text");
        assertThat(next(styles, "Body Text")).isEqualTo("Body Text");
        assertThat(next(styles, "Entry")).isEqualTo("Entry");
        assertThat(next(styles, "Sources Label")).isEqualTo("Entry");
        if (guide.ask("headings.form").isAsked()) {
            assertThat(next(styles, "heading 1")).isEqualTo("Body Text");
        }
    }

    private static String next(StyleSheet styles, String name) {
        Style style = styles.all().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
        return styles.all().stream()
                .filter(each -> each.id().equals(style.next()))
                .findFirst()
                .orElseThrow()
                .name();
    }
}
