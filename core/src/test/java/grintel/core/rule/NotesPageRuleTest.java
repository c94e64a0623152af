package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class NotesPageRuleTest {
    private static final String RULE = "notes.page";

    private static Draft page(String label, boolean breaks) {
        return Draft.mla()
                .add(builder -> builder.paragraph(line -> {
                            line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
                            if (breaks) {
                                line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
                            }
                            line.text(label);
                        })
                        .paragraph(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                                .text("1. " + Draft.PROSE)));
    }

    @Test
    void met() {
        page("Notes", true).rule(RULE).isMet();
    }

    @Test
    void anotherLabelAndAMissingBreakArePutRight() {
        page("Endnotes:", false)
                .rule(RULE)
                .areOff("“Endnotes:”", "in the middle of a page")
                .putRight();
    }

    @Test
    void apaHasItAfterTheReferences() {
        page("Footnotes", true)
                .guide("apa-7-student")
                .rule(RULE)
                .areOff("plain", "before the list of sources")
                .putRight();
    }

    @Test
    void absentWithoutSuchAPage() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
