package grintel.core.rule;

import grintel.core.guide.Facts;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import org.junit.jupiter.api.Test;

class HandInPartOrderRuleTest {
    private static final String RULE = "hand-in.part-order";

    /** A paper in the form of one guide under another. */
    private static RuleCase under(String guide, String form) {
        return new RuleCase(
                RULE,
                guide,
                Facts.of("Solvane", "LOW CANAL"),
                Specimen.of(form, Content.APPENDICES).build());
    }

    @Test
    void met() {
        under("mla-9", "mla-9").isMet();
        under("apa-6", "apa-6").isMet();
    }

    @Test
    void anAppendixOnTheWrongSideMovesWhenTheWriterAgrees() {
        under("mla-9", "apa-7-student")
                .isOff("after the list of sources", "before the list of sources")
                .isAsked()
                .putRight();
        under("apa-7-student", "chicago-notes")
                .isOff("before the list of sources", "after the list of sources")
                .putRight();
    }

    @Test
    void absentWithoutAppendix() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
