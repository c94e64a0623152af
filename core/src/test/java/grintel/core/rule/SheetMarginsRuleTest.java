package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.NumberFormat;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.SectionProperties;
import org.junit.jupiter.api.Test;

class SheetMarginsRuleTest {
    private static final String RULE = "sheet.margins";
    private static final PaperSettings GUTTER_AT_TOP = new PaperSettings(
            720, false, false, true, false, false, false, NumberFormat.DECIMAL, NumberFormat.LOWER_ROMAN);

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void eachSideIsOneFinding() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1800).section(SectionProperties.MARGIN_TOP, 1152))
                .rule(RULE)
                .areOff("0.8 in", "1.25 in")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void theGutterIsAddedIn() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.GUTTER, 360))
                .rule(RULE)
                .isOff("1.25 in", "1 in")
                .putRight();
    }

    @Test
    void whatRoundsToTheSameIsMetAndToldAsMeasured() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1440 + 28))
                .rule(RULE)
                .isMet("1.02 in", "1 in");
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1417))
                .rule(RULE)
                .isMet("0.98 in", "1 in");
    }

    @Test
    void aGuideThatNamesAMostLetsAMarginBeWiderUpToIt() {
        wider(1800).isMet("1.25 in", "1 to 1.5 in");
        wider(2160).isMet();
        wider(2160 + 28).isMet();
        wider(2200).areOff("1.53 in").putRight();
        Draft.mla()
                .guide("chicago-notes")
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1400))
                .rule(RULE)
                .areOff("0.97 in");
    }

    private static RuleCase wider(int left) {
        return Draft.mla()
                .guide("chicago-notes")
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, left))
                .rule(RULE);
    }

    @Test
    void aGutterAtTheTopCountsThere() {
        RuleCase after = Draft.mla()
                .sheet(b -> b.settings(settings -> GUTTER_AT_TOP)
                        .section(SectionProperties.GUTTER, 360)
                        .section(SectionProperties.MARGIN_LEFT, 1800))
                .rule(RULE)
                .areOff("1.25 in", "1.25 in")
                .putRight();
        assertThat(after.paper().sections().get(0).get(SectionProperties.GUTTER))
                .isZero();
    }
}
