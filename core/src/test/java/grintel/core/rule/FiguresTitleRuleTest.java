package grintel.core.rule;

import java.util.List;
import org.junit.jupiter.api.Test;

class FiguresTitleRuleTest {
    private static final String RULE = "figures.title";

    @Test
    void metInTheFormOfEachGuide() {
        for (String guide : List.of("apa-7-student", "apa-6", "mla-9", "chicago-notes")) {
            Figured.of(guide).rule(RULE).isMet();
        }
    }

    @Test
    void absentAndNotAsked() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void sentenceCaseIsAskedAboutAndSlantPutRight() {
        Figured.of("apa-6")
                .captions(line -> line.text("Figure 1.", Draft.ITALIC).text(" The Price of Oil", Draft.ITALIC))
                .rule(RULE)
                .areOff("italic", "“The Price of Oil”")
                .putRight();
    }

    @Test
    void aCaptionInOneLineIsPartedUnderAnotherGuide() {
        Figured.apa()
                .captions(line -> line.text("Figure 1", Draft.BOLD).text(" ").text("The Lamp", Draft.ITALIC))
                .rule(RULE)
                .isOff("in the line of its number", "on the line under its number")
                .andNothingElseIsOff()
                .putRight();
    }
}
