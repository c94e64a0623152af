package grintel.core.rule.objects;

import grintel.core.edit.Edit;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.CaseStyle;
import grintel.core.guide.demand.Casing;
import grintel.core.language.SentenceCase;
import grintel.core.language.TitleCase;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Recased;
import grintel.core.rule.Stretch;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** What a guide asks of the titles of tables, or of figures: that there is one, its line, its looks, its case. */
public final class TitleReadings {
    private static final int LONGEST_ON_A_LINE = 30;
    private static final Measure THERE = Measure.word("there");

    private final String rule;
    private final Examination exam;
    private final CaptionForm form;
    private final boolean above;
    private final List<Captioned> all;

    /**
     * @param above whether the caption stands over its object
     */
    public TitleReadings(String rule, Examination exam, PartKind kind, CaptionForm form, boolean above) {
        this.rule = rule;
        this.exam = exam;
        this.form = form;
        this.above = above;
        this.all = Captioned.all(exam, kind).stream()
                .filter(each -> each.caption() != null && each.said().number() != null)
                .toList();
    }

    public List<Reading> readings() {
        if (all.isEmpty()) {
            return List.of();
        }
        List<Reading> out = new ArrayList<>(Captioned.subjects(exam, all)
                .check(rule, "present")
                .measure(each -> each.said().title() != null ? THERE : Measure.word("no-title"))
                .asks(THERE)
                .readings());
        List<Captioned> titled =
                all.stream().filter(each -> each.said().title() != null).toList();
        out.addAll(lines(titled));
        List<Stretch> titles = titled.stream().map(each -> each.said().title()).toList();
        boolean ownLine = above && form.line() == CaptionForm.Line.OWN;
        out.addAll(NumberReadings.look(form, ownLine)
                .readings(
                        rule,
                        exam,
                        exam.stretches(titles.stream()
                                .filter(title -> !ownLine || title.from() == 0)
                                .toList())));
        out.addAll(cased(titles));
        return out;
    }

    /** A title stands under its number, or goes on in its line. */
    private List<Reading> lines(List<Captioned> titled) {
        boolean same = form.line() == CaptionForm.Line.SAME;
        Measure asked = line(same);
        return Captioned.subjects(exam, titled)
                .check(rule, "line")
                .measure(each -> line(each.said().isInOneLine()))
                .asks(asked)
                .fixByWords((off, cause) -> off.stream()
                        .flatMap(each -> (same ? joined(each.said()) : parted(each.said())).stream())
                        .toList())
                .fixable(each -> !(same ? joined(each.said()) : parted(each.said())).isEmpty())
                .readings();
    }

    private static Measure line(boolean same) {
        return Measure.word(same ? "in-the-line-of-its-number" : "under-its-number");
    }

    /** The space after the number stays at its line's end, where it is not seen. */
    private static List<Edit> parted(Caption caption) {
        Stretch title = caption.title();
        // On a line of its own a text as long as this is taken for a paragraph.
        if (title != null && Words.count(title.characters()) > LONGEST_ON_A_LINE) {
            return List.of();
        }
        return List.of(
                new Edit.SplitParagraph(caption.line().address(), caption.gap().to()));
    }

    private List<Edit> joined(Caption caption) {
        if (caption.isInOneParagraph()) {
            return List.of(Edit.ReplaceText.words(caption.gap(), " "));
        }
        Stretch title = caption.title();
        boolean next = title != null
                && title.paragraph().address().index()
                        == caption.line().address().index() + 1
                && !caption.line().endsSection();
        return next ? List.of(Edit.JoinParagraphs.spaced(caption.line())) : List.of();
    }

    private List<Reading> cased(List<Stretch> titles) {
        CaseStyle style = exam.brief().guide().titleCase();
        if (form.casing() == Casing.TITLE) {
            return Recased.readings(
                    rule, exam.stretches(titles), (line, kept) -> TitleCase.of(line.characters(), style, kept));
        }
        if (form.casing() == Casing.SENTENCE && !titles.isEmpty()) {
            Set<String> small = new HashSet<>();
            for (Paragraph paragraph : exam.parts().paragraphs(Kinds.RUNNING_TEXT)) {
                SentenceCase.gather(paragraph.text(), small);
            }
            return Recased.readings(
                    rule, exam.stretches(titles), (line, kept) -> SentenceCase.of(line.characters(), small, kept));
        }
        return List.of();
    }
}
