package grintel.core.rule.headings;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** The text opens without a heading that only says so. */
public final class HeadingsIntroductionRule implements Rule {
    private static final Measure NONE = Measure.word("none");
    private static final Pattern INTRODUCTION =
            Pattern.compile("(?i)\\s*(?:(?:\\d{1,2}|I)(?:\\.\\d)?\\.?\\s+)?introduction\\s*[.:]?\\s*");

    @Override
    public String id() {
        return "headings.introduction";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Heading> first = Heading.all(exam).stream()
                .filter(heading -> !heading.runIn() && opensText(exam, heading.index()))
                .limit(1)
                .toList();
        return Heading.subjects(exam, first)
                .check(id(), "heading")
                .measure(heading ->
                        INTRODUCTION.matcher(heading.paragraph().text()).matches()
                                ? new Measure.Quote(heading.words())
                                : NONE)
                .asks(NONE)
                .metIfNone(!exam.parts().paragraphs(PartKind.PARAGRAPH).isEmpty())
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> removed(exam, off.get(0).paragraph()))
                .fixable(heading -> !heading.paragraph().endsSection()
                        && !heading.paragraph().hasPageBreak()
                        && heading.index() + 1 < exam.paper().paragraphs().size())
                .readings();
    }

    private static boolean opensText(Examination exam, int index) {
        for (int i = 0; i < index; i++) {
            PartKind kind = exam.parts().kind(i);
            if (exam.parts().isInText(i) && kind != PartKind.BLANK) {
                return false;
            }
        }
        return true;
    }

    private static List<Edit> removed(Examination exam, Paragraph heading) {
        List<Edit> edits = new ArrayList<>(List.of(new Edit.RemoveParagraph(heading.address())));
        if (heading.format().get(ParagraphProperties.PAGE_BREAK_BEFORE)) {
            Paragraph next = exam.paper().paragraphs().get(heading.address().index() + 1);
            edits.add(new Edit.SetProperty(
                    new Target.OfParagraph(next.address()), ParagraphProperties.PAGE_BREAK_BEFORE, true));
        }
        return edits;
    }
}
