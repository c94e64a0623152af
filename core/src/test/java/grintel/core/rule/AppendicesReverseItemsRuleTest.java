package grintel.core.rule;

import org.junit.jupiter.api.Test;

class AppendicesReverseItemsRuleTest {
    private static final String RULE = "appendices.reverse-items";

    private static Appended with(String... lines) {
        return Appended.apa("They are in the Appendix.", "Appendix").with(paper -> {
            for (String line : lines) {
                paper.paragraph(line);
            }
        });
    }

    @Test
    void metByMarksAndANoteThatSaysWhatTheyMean() {
        with("1. I sleep well. (R)", "2. The bell wakes me.", "(R) marks an item that is scored in reverse.")
                .rule(RULE)
                .isMet();
        with("1. I sleep well. (R)", "Note. Items marked (R) are reverse-scored.")
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentWithoutMarks() {
        with("1. I sleep well.").rule(RULE).isAbsent();
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void aMissingNoteIsProposedAndAMangledMarkSpelled() {
        with("1. I sleep well. (R)", "2. The bell wakes me. ®")
                .rule(RULE)
                .areOff("no note", "“®”")
                .andNothingElseIsOff()
                .isAsked()
                .putRight();
    }
}
