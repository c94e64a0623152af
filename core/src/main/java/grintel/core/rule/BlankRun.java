package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import java.util.ArrayList;
import java.util.List;

/**
 * Neighbouring blank paragraphs and what they stand between.
 *
 * @param before index of the filled paragraph before, -1 for none
 * @param after index of the filled paragraph after, -1 for none
 * @param breaks whether the part after starts by a break
 */
public record BlankRun(List<Paragraph> paragraphs, int before, int after, boolean breaks) {
    private static final int FEWEST_TO_PUSH = 2;

    /** The runs of blank paragraphs that are there for space only; those that carry a break or a section are not. */
    public static Subjects<BlankRun> in(Examination exam) {
        return exam.whole()
                .each(
                        paper -> find(exam),
                        run -> run.place(exam),
                        run -> run.after < 0 ? "end" : exam.identity(run.next(exam)));
    }

    private static List<BlankRun> find(Examination exam) {
        List<BlankRun> runs = new ArrayList<>();
        List<Paragraph> all = exam.paper().paragraphs();
        Parts parts = exam.parts();
        List<Paragraph> current = new ArrayList<>();
        boolean breaks = false;
        int before = -1;
        for (int i = 0; i <= all.size(); i++) {
            boolean filled = i == all.size() || parts.kind(i) != PartKind.BLANK;
            if (!filled) {
                Paragraph paragraph = all.get(i);
                boolean carriesBreak = paragraph.endsSection() || hasBreak(paragraph);
                breaks |= carriesBreak;
                if (!carriesBreak && !paragraph.runsOn()) {
                    current.add(paragraph);
                }
                continue;
            }
            if (!current.isEmpty()) {
                boolean starts = breaks
                        || before >= 0 && endsWithBreak(all.get(before))
                        || i < all.size() && all.get(i).format().get(ParagraphProperties.PAGE_BREAK_BEFORE);
                runs.add(new BlankRun(List.copyOf(current), before, i == all.size() ? -1 : i, starts));
                current.clear();
            }
            breaks = false;
            before = i;
        }
        return runs;
    }

    private static boolean hasBreak(Paragraph paragraph) {
        return paragraph.inlines().stream()
                .anyMatch(inline -> inline instanceof Inline.Break at && at.kind() != Inline.Break.Kind.LINE);
    }

    private static boolean endsWithBreak(Paragraph paragraph) {
        return paragraph.hasPageBreak() || paragraph.endsSection();
    }

    /** The paragraph after it. */
    public Paragraph next(Examination exam) {
        return exam.paper().paragraphs().get(after);
    }

    /** Where it begins, told by the words that come after it. */
    public Place place(Examination exam) {
        Place first = exam.place(paragraphs.get(0));
        String words = after < 0 ? "" : Quotes.first(next(exam).text());
        return new Place(first.part(), first.page(), first.paragraph(), words);
    }

    /** Whether these push the part after them to a new page, which a break should do. */
    public boolean pushesPage(Examination exam) {
        if (after < 0 || breaks || paragraphs.size() < FEWEST_TO_PUSH) {
            return false;
        }
        PartKind next = exam.parts().kind(after);
        boolean fromTitlePage = before >= 0 && exam.parts().isOnTitlePage(before);
        boolean leavesTitlePage = fromTitlePage && !exam.parts().isOnTitlePage(after);
        boolean titleAfterAbstract = next == PartKind.TITLE && kindBefore(exam) == PartKind.KEYWORDS;
        return next.startsPage() || leavesTitlePage || titleAfterAbstract;
    }

    private PartKind kindBefore(Examination exam) {
        return before < 0 ? PartKind.BLANK : exam.parts().kind(before);
    }

    /** Whether they are only space in the text, which the guide does not want. */
    public boolean isSpaceInText(Examination exam, boolean titleIsFree) {
        if (after < 0 || pushesPage(exam)) {
            return false;
        }
        Parts parts = exam.parts();
        PartKind next = parts.kind(after);
        PartKind previous = kindBefore(exam);
        boolean ofOthers = parts.isOnTitlePage(after)
                || before >= 0 && parts.isOnTitlePage(before)
                || next == PartKind.ENTRY
                || next == PartKind.NOTE
                || next.isOfObject()
                || previous.isOfObject();
        boolean aroundTitle = titleIsFree
                && paragraphs.size() == 1
                && (next == PartKind.TITLE || previous == PartKind.TITLE || previous == PartKind.SUBTITLE);
        return !ofOthers && !aroundTitle;
    }

    public List<Edit> removal() {
        List<Edit> edits = new ArrayList<>();
        paragraphs.forEach(paragraph -> edits.add(new Edit.RemoveParagraph(paragraph.address())));
        return edits;
    }
}
