package grintel.core.compose;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.compose.Content.Line;
import grintel.core.compose.LooseText.Block;
import grintel.core.compose.LooseText.Hint;
import grintel.core.compose.LooseText.Taken;
import grintel.core.guide.Brief;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Words;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Text without looks, taken apart and set as a paper. */
class LooseTextTest {
    private static final String PROSE =
            "In all three novels the canal is lit before it is named, and the reader learns the hour, the weather and"
                    + " the price of oil before anyone has spoken a word about the town or the people in it at all.";

    private static final List<Block> ESSAY = List.of(
            plain("Marit Solvane"),
            plain("Dr. Ilse Tamberg"),
            plain("LIT 214: Novels of the Canals"),
            plain("9 October 2026"),
            new Block(Hint.TITLE, Line.of("Lamps on the Low Canal")),
            plain(PROSE),
            new Block(Hint.HEADING_1, Line.of("The Lamps at Night")),
            plain(PROSE),
            new Block(Hint.QUOTATION, Line.of(PROSE + " " + PROSE + " " + PROSE)),
            plain(PROSE),
            new Block(Hint.HEADING_1, Line.of("The Lamps by Day")),
            plain(PROSE),
            plain("Works Cited"),
            new Block(
                    Hint.NONE,
                    Line.alternating("Keel, Jonna R. ", "Bells of the Northern Harbours", ". Tidewrack Press, 2016.")),
            new Block(Hint.NONE, Line.alternating("Verholt, Ansel. ", "The Weir Ledger", ". Tidewrack Press, 2004.")));

    private static Block plain(String words) {
        return new Block(Hint.NONE, Line.of(words));
    }

    private static LooseText.Understood understood(List<Block> blocks) {
        return LooseText.understand(blocks, WorkLimits.within(20));
    }

    @Test
    void eachBlockIsTakenForWhatItIs() {
        LooseText.Understood understood = understood(ESSAY);
        assertThat(understood.taken())
                .extracting(Taken::kind)
                .containsExactly(
                        PartKind.AUTHOR,
                        PartKind.INSTRUCTOR,
                        PartKind.COURSE,
                        PartKind.DATE,
                        PartKind.TITLE,
                        PartKind.PARAGRAPH,
                        PartKind.HEADING,
                        PartKind.PARAGRAPH,
                        PartKind.BLOCK_QUOTATION,
                        PartKind.PARAGRAPH,
                        PartKind.HEADING,
                        PartKind.PARAGRAPH,
                        PartKind.SOURCES_LABEL,
                        PartKind.ENTRY,
                        PartKind.ENTRY);
        assertThat(understood.facts().get("title")).isEqualTo("Lamps on the Low Canal");
        assertThat(understood.facts().get("date")).isEqualTo("2026-10-09");
        assertThat(understood.facts().surname()).isEqualTo("Solvane");
    }

    static Stream<Guide> guides() {
        return Guides.all().stream();
    }

    @ParameterizedTest
    @MethodSource("guides")
    void setAsAPaperItIsAsTheGuideAsks(Guide guide) {
        LooseText.Understood understood = understood(ESSAY);
        Brief brief = Brief.of(guide, null, understood.facts());
        Content content = LooseText.content(ESSAY, understood.taken());
        Report report = Examiner.examine(Composer.compose(brief, content), brief, WorkLimits.within(20));
        // What the text does not say cannot be set; dots and titles of entries are the writer's.
        assertThat(report.findings())
                .filteredOn(finding -> finding.fixClass() == FixClass.LOOKS || finding.fixClass() == FixClass.APPARATUS)
                .isEmpty();
    }

    @Test
    void noWordOfTheTextIsLost() {
        List<Block> odd = new ArrayList<>(ESSAY);
        odd.add(plain("Appendix"));
        odd.add(plain("Questions for Keepers"));
        odd.add(new Block(Hint.NUMBERED_ITEM, Line.of("How long have you kept this lamp?")));
        odd.add(new Block(Hint.NUMBERED_ITEM, Line.of("Who kept it before you?")));
        LooseText.Understood understood = understood(odd);
        Brief brief = Brief.of(Guides.all().get(1), null, understood.facts());
        String composed = Composer.compose(brief, LooseText.content(odd, understood.taken())).paragraphs().stream()
                .map(paragraph -> paragraph.text())
                .reduce("", (one, other) -> one + " " + other);
        for (int i = 0; i < odd.size(); i++) {
            if (!understood.taken().get(i).kind().isOfOpening()
                    && understood.taken().get(i).kind() != PartKind.SOURCES_LABEL) {
                assertThat(composed).contains(odd.get(i).line().words());
            }
        }
        assertThat(Words.count(composed)).isGreaterThan(100);
    }
}
