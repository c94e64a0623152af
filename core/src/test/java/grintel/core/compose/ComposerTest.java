package grintel.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Facts.Author;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is composed from a brief is correct by it. */
class ComposerTest {
    static final Facts FACTS = new Facts(
            Map.ofEntries(
                    Map.entry("title", "Lamps on the Low Canal"),
                    Map.entry("short-title", "Low Canal"),
                    Map.entry("institution", "Brackwater College"),
                    Map.entry("department", "Department of Letters"),
                    Map.entry("course-number", "LIT 214"),
                    Map.entry("course-name", "Novels of the Canals"),
                    Map.entry("instructor", "Dr. Ilse Tamberg"),
                    Map.entry("class-period", "Period 3"),
                    Map.entry("assignment", "Second Essay"),
                    Map.entry("date", "2026-10-09")),
            List.of(new Author("Marit", "J.", "Solvane")));

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
}
