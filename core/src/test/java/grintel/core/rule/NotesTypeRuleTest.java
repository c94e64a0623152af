package grintel.core.rule;

import org.junit.jupiter.api.Test;

class NotesTypeRuleTest {
    private static final String RULE = "notes.type";

    @Test
    void metFromTheLeastSizeToTheTexts() {
        Noted.two(Noted.form(), Draft.type("Times New Roman", 20)).rule(RULE).isMet();
        Noted.two(Noted.form(), Draft.type("Times New Roman", 24)).rule(RULE).isMet();
    }

    @Test
    void anotherFaceAndSmallTypeArePutRight() {
        Noted.two(Noted.form(), Draft.type("Calibri", 20))
                .rule(RULE)
                .isOff("Calibri 10 pt", "Times New Roman 10 pt")
                .putRight();
        Noted.two(Noted.form(), Draft.type("Times New Roman", 16))
                .rule(RULE)
                .isOff("Times New Roman 8 pt", "Times New Roman 10 pt")
                .putRight();
    }

    @Test
    void notAskedInApa() {
        Draft.mla().guide("apa-7-student").rule(RULE).isNotAsked();
    }
}
