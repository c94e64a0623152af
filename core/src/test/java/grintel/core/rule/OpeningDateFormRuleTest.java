package grintel.core.rule;

import org.junit.jupiter.api.Test;

class OpeningDateFormRuleTest {
    private static final String RULE = "opening.date-form";

    private static Front mla(String date) {
        return Front.of("mla-9")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("Literature 214")
                .left(date)
                .line("Lamps on the Low Canal");
    }

    @Test
    void met() {
        mla("9 October 2026").rule(RULE).isMet();
        Front.of("school-essay")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg, Period 3")
                .left("Second Essay")
                .left("9 October 2026")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isMet();
    }

    @Test
    void commonFormsAreWrittenAsTheGuideHasThem() {
        for (String date : new String[] {
            "October 9, 2026",
            "Oct. 9, 2026",
            "9 Oct 2026",
            "October 9th, 2026",
            "9th of October, 2026",
            "2026-10-09",
            "Friday, 9 October 2026"
        }) {
            mla(date)
                    .rule(RULE)
                    .isOff("“" + date + "”", "“9 October 2026”")
                    .andNothingElseIsOff()
                    .putRight();
        }
    }

    @Test
    void twoNumbersThatMayBeEitherAreTheWritersUnlessTheFactsTell() {
        RuleCase open = mla("10/9/2026").rule(RULE).isOff("“10/9/2026”", "day, month, year");
        open.isForTheWriter();
        mla("10/9/2026")
                .facts("{date: 2026-10-09}")
                .rule(RULE)
                .isOff("“10/9/2026”", "“9 October 2026”")
                .putRight();
        mla("10/19/2026").rule(RULE).isOff("“10/19/2026”", "“19 October 2026”").putRight();
    }

    @Test
    void absentWithoutADate() {
        Front.of("mla-9")
                .left("Marit Solvane")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isAbsent();
    }
}
