package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TablesPictureRuleTest {
    private static final String RULE = "tables.picture";

    @Test
    void metByCells() {
        Tabled.apa().rule(RULE).isMet();
    }

    @Test
    void absentAndNotAsked() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void aPictureOfATableIsTheWritersWork() {
        Tabled.apa()
                .instead(paper ->
                        paper.paragraph(line -> line.picture("lamp.png", 900_000, 900_000, "a table of lamps")))
                .rule(RULE)
                .isOff("a picture", "a table of cells")
                .andNothingElseIsOff()
                .isForTheWriter();
    }

    @Test
    void linesSetInColumnsByTabsAreNoTableAndNoText() {
        Tabled.apa()
                .instead(
                        paper -> paper.paragraph(line -> line.text("Quay").tab().text("Lamps"))
                                .paragraph(line -> line.text("North").tab().text("14"))
                                .paragraph(line -> line.text("South").tab().text("12")))
                .rule(RULE)
                .isOff("lines of text set in columns by tabs or spaces", "a table of cells")
                .andNothingElseIsOff()
                .isForTheWriter();
    }
}
