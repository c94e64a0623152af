package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.structure.Parts;
import grintel.core.structure.Role;
import java.util.ArrayList;
import java.util.List;

/**
 * Neighbouring blank paragraphs and what they stand between.
 *
 * @param before index of the filled paragraph before, -1 for none
 * @param after index of the filled paragraph after, -1 for none
 * @param breaks whether the part after starts by a break
 */
record BlankRun(List<Paragraph> paragraphs, int before, int after, boolean breaks) {
    /** The runs of blank paragraphs that are there for space only; those that carry a break or a section are not. */
    static List<BlankRun> find(Examination exam) {
        List<BlankRun> runs = new ArrayList<>();
        List<Paragraph> all = exam.paper().paragraphs();
        Parts parts = exam.parts();
        List<Paragraph> current = new ArrayList<>();
        boolean breaks = false;
        int before = -1;
        for (int i = 0; i <= all.size(); i++) {
            boolean filled = i == all.size() || parts.role(i) != Role.BLANK;
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

    /** Whether these push the part after them to a new page, which a break should do. */
    boolean pushesPage(Examination exam) {
        if (after < 0 || breaks || paragraphs.size() < 2) {
            return false;
        }
        Role next = exam.parts().role(after);
        Role previous = before < 0 ? Role.BLANK : exam.parts().role(before);
        boolean titleOverText = next == Role.TITLE && (previous == Role.TITLE_PAGE || previous == Role.KEYWORDS);
        boolean leavesTitlePage = previous == Role.TITLE_PAGE && next != Role.TITLE_PAGE;
        return next.startsPage() || titleOverText || leavesTitlePage;
    }

    /** Whether they are only space in the text, which the guide does not want. */
    boolean isSpaceInText(Examination exam, boolean titleIsFree) {
        if (after < 0) {
            return false;
        }
        Role next = exam.parts().role(after);
        Role previous = before < 0 ? Role.BLANK : exam.parts().role(before);
        boolean ofOthers = next == Role.TITLE_PAGE
                || previous == Role.TITLE_PAGE
                || next == Role.ENTRY
                || isTableOrFigure(next)
                || isTableOrFigure(previous);
        boolean aroundTitle = titleIsFree && paragraphs.size() == 1 && (next == Role.TITLE || previous == Role.TITLE);
        return !ofOthers && !aroundTitle && !pushesPage(exam);
    }

    private static boolean isTableOrFigure(Role role) {
        return role == Role.TABLE_CELL || role == Role.FIGURE || role == Role.CAPTION || role == Role.TABLE_NOTE;
    }

    List<Edit> removal() {
        List<Edit> edits = new ArrayList<>();
        paragraphs.forEach(paragraph -> edits.add(new Edit.RemoveParagraph(paragraph.address())));
        return edits;
    }
}
