package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TablesMentionRuleTest {
    private static final String RULE = "tables.mention";

    @Test
    void metByItsNumberAndByARange() {
        Tabled.apa().rule(RULE).isMet();
        Tabled.apa().mention("They are counted (see Tables 1–3).").rule(RULE).isMet();
        Tabled.of("chicago-notes").rule(RULE).isMet();
    }

    @Test
    void absentAndNotAsked() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void aTableNobodySpeaksOfIsToldAndSoAreWordsThatPoint() {
        Tabled.apa()
                .mention("They are counted in the table below.")
                .rule(RULE)
                .areOff("not mentioned", "“the table below”")
                .andNothingElseIsOff()
                .isForTheWriter();
    }

    @Test
    void tablesStandInTheOrderInWhichTheyAreMentioned() {
        Tabled.apa()
                .mention("Table 2 says more than Table 1 does.")
                .after(paper -> {
                    paper.paragraph(line -> line.text("Table 2", Draft.BOLD));
                    paper.paragraph(line -> line.text("Sums and Lamps", Draft.ITALIC));
                    Tabled.apa().table(paper);
                })
                .rule(RULE)
                .isOff("mentioned before “Table 1”", "in the order in which they are mentioned")
                .isForTheWriter();
    }

    @Test
    void severalThatComeTooEarlyAreOneFinding() {
        Tabled.apa()
                .mention("Table 3 says more than Table 2 and Table 1 do.")
                .after(paper -> {
                    for (int number = 2; number <= 3; number++) {
                        String label = "Table " + number;
                        paper.paragraph(line -> line.text(label, Draft.BOLD));
                        paper.paragraph(line -> line.text("Sums and Lamps", Draft.ITALIC));
                        Tabled.apa().table(paper);
                    }
                })
                .rule(RULE)
                .isOff("mentioned before “Table 1”", "in the order in which they are mentioned")
                .quoting("Table 2", "Table 3");
    }
}
