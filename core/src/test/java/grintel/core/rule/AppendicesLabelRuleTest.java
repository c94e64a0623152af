package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class AppendicesLabelRuleTest {
    private static final String RULE = "appendices.label";

    @Test
    void metAndAbsent() {
        Appended.goodPapersMeet(RULE);
    }

    @Test
    void labelsGetTheirWordsToTheLetter() {
        Appended.apa("They are in the Appendix.", "APPENDIX")
                .rule(RULE)
                .isOff("“APPENDIX”", "“Appendix”")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void severalGetLettersInTheirOrder() {
        Appended.apa("They are in the appendices.", "Appendix", "Appendix")
                .rule(RULE)
                .isOff("“Appendix”", "“Appendix A, Appendix B”")
                .putRight();
    }

    @Test
    void aLetterTheTextNamesIsNotChangedBehindItsBack() {
        RuleCase skipped = Appended.apa("They are in Appendix A, the rest in Appendix C.", "Appendix A", "Appendix C")
                .rule(RULE)
                .isOff("“Appendix C”", "“Appendix B”");
        assertThat(skipped.findings().get(0).fix().edits()).isEmpty();
    }

    @Test
    void aLabelWithANumberIsASchemeOfItsOwn() {
        Appended.apa("They are in Appendix 1.", "Appendix 1").rule(RULE).isMet();
    }

    @Test
    void theWeightOfTheLabelIsTheGuides() {
        Appended.apa6("They are in the Appendix.", "Appendix").rule(RULE).isMet();
    }
}
