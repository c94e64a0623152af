package grintel.core.rule;

import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import org.junit.jupiter.api.Test;

class NotesKindRuleTest {
    private static final String RULE = "notes.kind";

    @Test
    void met() {
        Noted.two(Noted.form(), Draft.type("Times New Roman", 20)).rule(RULE).isMet();
        Noted.with(Draft.mla(), Story.Kind.ENDNOTE, Noted.form(), PropertySet.empty())
                .rule(RULE)
                .isMet();
    }

    @Test
    void endnotesBecomeFootnotesWhenTheWriterAgrees() {
        Noted.with(
                        Draft.mla().guide("chicago-notes"),
                        Story.Kind.ENDNOTE,
                        Noted.form(),
                        Draft.type("Times New Roman", 20))
                .rule(RULE)
                .isOff("endnotes", "footnotes")
                .isAsked()
                .putRight();
    }

    @Test
    void absentWithoutNotes() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void aCourseCanAskForEndnotes() {
        Noted.with(
                        Draft.mla().house("notes.kind: {kind: endnotes}"),
                        Story.Kind.FOOTNOTE,
                        Noted.form(),
                        PropertySet.empty())
                .rule(RULE)
                .isOff("footnotes", "endnotes")
                .putRight();
    }
}
