package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import java.util.Objects;
import org.junit.jupiter.api.Test;

class HeadingsRealRuleTest {
    private static final String RULE = "headings.real";

    @Test
    void met() {
        Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .rule(RULE)
                .isMet();
    }

    @Test
    void aBoldLineBecomesAHeadingInAStyleThatIsMade() {
        RuleCase after = Draft.mla()
                .heading("", Alignment.LEFT, "Oil and Its Price", Draft.BOLD)
                .rule(RULE)
                .isOff("its looks alone", "a heading style")
                .quoting("Oil and Its Price")
                .andNothingElseIsOff()
                .putRight();
        Paragraph heading = after.paper().paragraphs().get(8);
        assertThat(Objects.requireNonNull(heading.style()).name()).isEqualTo("heading 1");
    }

    @Test
    void theLookStaysWhateverAnExistingStyleSays() {
        PropertySet blue = Draft.type("Verdana", 32).with(CharacterProperties.COLOUR, new Colour(0x2F5496));
        RuleCase after = Draft.mla()
                .add(b -> b.style("H1", "heading 1", Style.Kind.PARAGRAPH, "Normal", PropertySet.empty(), blue))
                .heading("", Alignment.LEFT, "Oil and Its Price", Draft.BOLD)
                .rule(RULE)
                .putRight();
        assertThat(after.paper().paragraphs().get(8).texts().get(0).format().get(CharacterProperties.SIZE))
                .isEqualTo(24);
    }

    @Test
    void absentWithoutHeadings() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void aStyleIsMadeBesideOneWhoseNameItWouldTake() {
        RuleCase after = Draft.mla()
                .add(b -> b.style(Style.of(
                        "Heading1",
                        "Odd",
                        Style.Kind.CHARACTER,
                        null,
                        false,
                        PropertySet.empty(),
                        PropertySet.empty())))
                .heading("", Alignment.LEFT, "Oil and Its Price", Draft.BOLD)
                .rule(RULE)
                .putRight();
        Style made = Objects.requireNonNull(after.paper().paragraphs().get(8).style());
        assertThat(made.id()).isEqualTo("Heading1a");
        assertThat(made.basedOn()).isEqualTo("Normal");
        assertThat(made.paragraph().get(ParagraphProperties.OUTLINE_LEVEL)).isZero();
        assertThat(made.paragraph().get(ParagraphProperties.KEEP_WITH_NEXT)).isTrue();
    }

    @Test
    void nothingIsSetOfALineThatItsStyleSaysAlready() {
        PropertySet centred = PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .with(ParagraphProperties.SPACE_BEFORE, 240);
        RuleCase after = Draft.mla()
                .add(b -> b.style("H1", "heading 1", Style.Kind.PARAGRAPH, "Normal", centred, Draft.BOLD))
                .add(b -> b.paragraph(line -> line.text("Oil and Its Price", Draft.BOLD)))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .putRight();
        Paragraph line = after.paper().paragraphs().get(8);
        assertThat(line.direct().says(ParagraphProperties.ALIGNMENT)).isTrue();
        assertThat(line.format().get(ParagraphProperties.ALIGNMENT)).isEqualTo(Alignment.LEFT);
        assertThat(line.format().get(ParagraphProperties.SPACE_BEFORE)).isZero();
        assertThat(line.direct().says(ParagraphProperties.LINE_SPACING)).isFalse();
        assertThat(line.direct().says(ParagraphProperties.SPACE_AFTER)).isFalse();
        assertThat(line.texts().get(0).format().get(CharacterProperties.BOLD)).isTrue();
    }
}
