package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.SectionProperties;
import grintel.core.structure.PartKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** How a part comes to start a page: by a break, by chance, or not at all. */
public final class PageStart {
    private static final Measure BREAK = Measure.word("page-break");
    private static final Measure CHANCE = Measure.word("by-chance");
    private static final Measure NONE = Measure.word("no-break");

    private PageStart() {}

    /** The readings of a rule that asks that some parts start a page by a break. */
    public static List<Reading> readings(String rule, Examination exam, Subjects<Paragraph> parts) {
        return parts.check(rule, "start")
                .measure(paragraph -> measure(exam, paragraph))
                .asks(BREAK)
                .fix((off, cause) -> off.stream()
                        .<Edit>map(paragraph -> new Edit.SetProperty(
                                new Target.OfParagraph(paragraph.address()),
                                ParagraphProperties.PAGE_BREAK_BEFORE,
                                true))
                        .toList())
                .readings();
    }

    /** Null where blank paragraphs push it to its page, which is the matter of a rule of its own. */
    private static @Nullable Measure measure(Examination exam, Paragraph paragraph) {
        if (hasBreak(exam, paragraph)) {
            return BREAK;
        }
        int index = paragraph.address().index();
        boolean pushed = BlankRun.in(exam).all().stream().anyMatch(run -> run.after() == index && run.pushesPage(exam));
        return pushed ? null : startsPage(exam, index) ? CHANCE : NONE;
    }

    private static boolean hasBreak(Examination exam, Paragraph paragraph) {
        int index = paragraph.address().index();
        if (index == 0 || paragraph.format().get(ParagraphProperties.PAGE_BREAK_BEFORE) || opensWithBreak(paragraph)) {
            return true;
        }
        List<Paragraph> all = exam.paper().paragraphs();
        for (int i = index - 1; i >= 0; i--) {
            Paragraph before = all.get(i);
            boolean blank = exam.parts().kind(i) == PartKind.BLANK;
            if (before.endsSection() && startsPage(sectionAfter(exam, i))
                    || (blank ? breaksPage(before) : endsWithBreak(before))) {
                return true;
            }
            if (!blank) {
                return false;
            }
        }
        return true;
    }

    private static boolean breaksPage(Paragraph blank) {
        return blank.hasPageBreak() || blank.format().get(ParagraphProperties.PAGE_BREAK_BEFORE);
    }

    private static boolean startsPage(SectionProperties.Break kind) {
        return kind != SectionProperties.Break.CONTINUOUS && kind != SectionProperties.Break.NEXT_COLUMN;
    }

    private static SectionProperties.Break sectionAfter(Examination exam, int index) {
        int section = (int) exam.paper().paragraphs().subList(0, index + 1).stream()
                .filter(Paragraph::endsSection)
                .count();
        int last = exam.paper().sections().size() - 1;
        return exam.paper().sections().get(Math.min(section, last)).get(SectionProperties.BREAK);
    }

    private static boolean opensWithBreak(Paragraph paragraph) {
        for (Inline inline : paragraph.inlines()) {
            if (isBreak(inline)) {
                return true;
            }
            if (inline.length() > 0
                    && !(inline instanceof Inline.Text text && text.text().isBlank())) {
                return false;
            }
        }
        return false;
    }

    private static boolean endsWithBreak(Paragraph paragraph) {
        List<Inline> inlines = paragraph.inlines();
        for (int i = inlines.size() - 1; i >= 0; i--) {
            Inline inline = inlines.get(i);
            if (isBreak(inline)) {
                return true;
            }
            if (inline.length() > 0
                    && !(inline instanceof Inline.Text text && text.text().isBlank())) {
                return false;
            }
        }
        return false;
    }

    private static boolean isBreak(Inline inline) {
        return inline instanceof Inline.Break at && at.kind() == Inline.Break.Kind.PAGE;
    }

    /** Whether nothing that can be seen comes before a paragraph on its page. */
    private static boolean startsPage(Examination exam, int index) {
        int before = index - 1;
        while (before >= 0 && exam.parts().kind(before) == PartKind.BLANK) {
            before--;
        }
        List<Paragraph> all = exam.paper().paragraphs();
        int page = exam.proof().pageOf(all.get(index).address());
        return before < 0
                || exam.proof().lines(all.get(before).address()).stream()
                        .allMatch(placed -> placed.page().number() < page);
    }
}
