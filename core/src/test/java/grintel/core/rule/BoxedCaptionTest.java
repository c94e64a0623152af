package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Anchor;
import grintel.core.paper.Anchor.Axis;
import grintel.core.paper.Anchor.Distances;
import grintel.core.paper.Anchor.Reference;
import grintel.core.paper.Anchor.Wrap;
import grintel.core.paper.Lengths;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.BlockList;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.typeset.PagePart;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** Captions in boxes of text, as programs set them beside pictures: they are read and judged, and edited by no fix. */
class BoxedCaptionTest {
    private static final String CAPTION = "Fig. 1. The lamp on the north quay";
    private static final Anchor STOPS_TEXT = new Anchor(
            Wrap.ABOVE_AND_BELOW,
            Axis.offset(Reference.TEXT, 0),
            Axis.offset(Reference.TEXT, 0),
            new Distances(0, 0, 0, 0));

    @Test
    void oneThatIsAsAskedIsMet() {
        for (String rule : List.of("figures.number", "figures.title", "figures.place", "figures.mention")) {
            Figured.of("mla-9").captions(box(CAPTION)).rule(rule).isMet();
        }
    }

    @Test
    void numberAndTitleAreReadOnTwoLinesToo() {
        for (String rule : List.of("figures.number", "figures.title")) {
            Figured.apa()
                    .captions(line -> line.box(
                            Lengths.EMU_PER_INCH * 4, Lengths.EMU_PER_INCH, STOPS_TEXT, blocks -> twoLines(blocks)))
                    .rule(rule)
                    .isMet();
        }
    }

    @Test
    void whatIsOffInItIsForTheWriter() {
        for (String rule : List.of("figures.number", "figures.title", "figures.place")) {
            RuleCase off = Figured.apa().onTheOtherSide().captions(box(CAPTION)).rule(rule);
            off.isForTheWriter();
            assertThat(off.findings())
                    .flatExtracting(Reading::places)
                    .extracting(Place::part)
                    .containsOnly(PagePart.BOX);
        }
    }

    @Test
    void aBoxOverItsPictureIsAbove() {
        Figured.of("mla-9")
                .onTheOtherSide()
                .captions(box(CAPTION))
                .rule("figures.place")
                .isOff("above", "below");
    }

    @Test
    void aBoxTiedToTheParagraphAfterThePictureCountsAsMuch() {
        Figured.of("mla-9")
                .captions(line -> line.box(
                                Lengths.EMU_PER_INCH * 4,
                                Lengths.EMU_PER_INCH,
                                STOPS_TEXT,
                                blocks -> blocks.paragraph(CAPTION))
                        .text(Draft.PROSE))
                .rule("figures.number")
                .isMet();
    }

    @Test
    void wordsInABoxThatAreNoCaptionNumberNothing() {
        for (String words : List.of("Fig. 1 shows the lamp on the north quay", "A lamp")) {
            RuleCase off = Figured.of("mla-9").captions(box(words)).rule("figures.number");
            assertThat(off.findings()).extracting(Reading::quantity).containsExactly("present");
            assertThat(off.findings().get(0).fixClass()).isEqualTo(FixClass.APPARATUS);
        }
    }

    @Test
    void numbersAreNotCountedAnewWhereOneOfThemIsOutOfReach() {
        RuleCase off = Figured.of("mla-9")
                .captions(box("Fig. 3. The lamp on the north quay"))
                .mention("It is drawn in Figure 3.")
                .rule("figures.number");
        assertThat(off.findings()).extracting(Reading::quantity).containsExactly("order");
        off.isForTheWriter();
    }

    private static Consumer<ParagraphBuilder> box(String words) {
        return line -> line.box(
                Lengths.EMU_PER_INCH * 4,
                Lengths.EMU_PER_INCH,
                STOPS_TEXT,
                blocks -> blocks.paragraph("").paragraph(words));
    }

    private static void twoLines(BlockList blocks) {
        blocks.paragraph(line -> line.text("Figure 1", Draft.BOLD));
        blocks.paragraph(line -> line.text("The Lamp on the North Quay", Draft.ITALIC));
        blocks.paragraph(line -> line.text("Drawn from the pier", PropertySet.empty()));
    }
}
