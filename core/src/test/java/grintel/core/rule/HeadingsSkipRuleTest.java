package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import java.util.List;
import org.junit.jupiter.api.Test;

class HeadingsSkipRuleTest {
    private static final String RULE = "headings.skip";

    @Test
    void met() {
        Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .heading("H2", Alignment.LEFT, "Price", Draft.ITALIC)
                .heading("H1", Alignment.LEFT, "Water", Draft.BOLD)
                .rule(RULE)
                .isMet();
    }

    @Test
    void aLevelSkippedIsAskedAbout() {
        Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .heading("H3", Alignment.CENTRE, "Price", Draft.BOLD)
                .rule(RULE)
                .isOff("of level 3 under level 1", "no level skipped")
                .quoting("Price")
                .isAsked()
                .putRightLeaving("headings.form");
    }

    @Test
    void absentWithoutHeadingsAndNotAskedOfEssays() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void whereTheFileHasNoStyleOfTheLevelBetweenItIsForTheWriter() {
        Draft.mla()
                .sheet(b -> {
                    for (int level : List.of(1, 3)) {
                        PropertySet outline = PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, level - 1);
                        b.style(
                                "H" + level,
                                "heading " + level,
                                Style.Kind.PARAGRAPH,
                                "Normal",
                                outline,
                                PropertySet.empty());
                    }
                })
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .heading("H3", Alignment.CENTRE, "Price", Draft.BOLD)
                .rule(RULE)
                .isOff("of level 3 under level 1", "no level skipped")
                .isForTheWriter();
    }
}
