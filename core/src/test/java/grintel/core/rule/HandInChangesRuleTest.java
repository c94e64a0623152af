package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Inline;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Revision;
import org.junit.jupiter.api.Test;

class HandInChangesRuleTest {
    private static final String RULE = "hand-in.changes";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void changesAreMadeFinalWhenTheWriterSaysSo() {
        RuleCase after = Draft.mla()
                .text(line -> line.text(Draft.PROSE)
                        .revision(Revision.INSERTED)
                        .text(" And more.")
                        .revision(Revision.DELETED)
                        .text(" Or less."))
                .rule(RULE)
                .isOff("1 paragraph", "none")
                .at(8)
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs().get(8).text()).endsWith("at all. And more.");
        assertThat(after.paper().paragraphs().get(8).inlines()).noneMatch(Inline.Deleted.class::isInstance);
    }

    @Test
    void aDeletedParagraphGoesAndOneThatRunsOnIsJoined() {
        RuleCase after = Draft.mla()
                .text(line -> line.revision(Revision.DELETED).text("Gone.").markRevision(Revision.DELETED))
                .text(line -> line.text("Oil is dear. ").markRevision(Revision.DELETED))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isOff("2 paragraphs", "none")
                .at(8, 9)
                .isAsked()
                .putRight();
        assertThat(after.paper().paragraphs().get(8).text()).isEqualTo("Oil is dear. " + Draft.PROSE);
    }

    @Test
    void whereADeletedMarkEndsASectionOnlyTheWriterCan() {
        Draft.mla()
                .add(builder -> builder.paragraph(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                                .text(Draft.PROSE)
                                .markRevision(Revision.DELETED))
                        .endSection())
                .rule(RULE)
                .isForTheWriter();
    }
}
