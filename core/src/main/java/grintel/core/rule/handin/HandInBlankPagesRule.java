package grintel.core.rule.handin;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** No page is empty, inside the paper or at its end. */
public final class HandInBlankPagesRule implements Rule {
    @Override
    public String id() {
        return "hand-in.blank-pages";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<ProofPage> blank = exam.proof().pages().stream()
                .filter(HandInBlankPagesRule::isBlank)
                .toList();
        return exam.whole()
                .each(paper -> blank, page -> Place.ofPage(page.number()), page -> "page " + page.number())
                .check(id(), "pages")
                .none("blank-page", page -> 1)
                .metIfNone(exam.proof().pages().size() > 1)
                .fix((pages, cause) -> pages.stream()
                        .flatMap(page -> removal(exam, page).stream())
                        .distinct()
                        .toList())
                .fixable(page -> !removal(exam, page).isEmpty())
                .readings();
    }

    private static boolean isBlank(ProofPage page) {
        for (ProofLine line : page.lines()) {
            if (!line.isEmpty() && line.part() != PagePart.HEADER && line.part() != PagePart.FOOTER) {
                return false;
            }
        }
        return page.pictures().isEmpty() && page.tables().isEmpty();
    }

    /** Takes out the blank paragraphs that stand on the page, with the breaks in them; at the end, the one that opens it. */
    private static List<Edit> removal(Examination exam, ProofPage page) {
        List<Paragraph> all = exam.paper().paragraphs();
        Set<Integer> on = new TreeSet<>();
        for (ProofLine line : page.lines(PagePart.TEXT)) {
            on.add(line.paragraph().index());
        }
        boolean last = page.number() == exam.proof().pages().size();
        int before = (on.isEmpty() ? all.size() : Collections.min(on)) - 1;
        if (last && before >= 0 && all.get(before).hasPageBreak()) {
            on.add(before);
        }
        List<Edit> edits = new ArrayList<>();
        for (int index : on) {
            Paragraph paragraph = all.get(index);
            if (exam.kind(paragraph) == PartKind.BLANK && !paragraph.endsSection() && !paragraph.runsOn()) {
                edits.add(new Edit.RemoveParagraph(paragraph.address()));
            }
        }
        return edits;
    }
}
