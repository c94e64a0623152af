package grintel.core.rule.appendices;

import grintel.core.edit.Edit;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.Position;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Items scored in reverse carry (R), never a sign that a program made of it, and a note says what it means. */
public final class AppendicesReverseItemsRule implements Rule {
    private static final Pattern MARK = Pattern.compile("\\(R\\)");
    private static final Pattern NOTE = Pattern.compile(
            "(?i)\\brevers(?:e|ed|ely)\\b.{0,40}\\b(?:scor|cod|key)|(?:scor|cod|key)\\w*.{0,40}\\brevers");
    private static final Measure EXPLAINED = Measure.word("a-note-on-reversed-items");
    private static final String SIGN = "®";

    @Override
    public String id() {
        return "appendices.reverse-items";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> all = Appended.paragraphs(exam);
        List<Paragraph> marked = all.stream()
                .filter(paragraph -> MARK.matcher(paragraph.text()).find())
                .toList();
        List<Paragraph> mangled = all.stream()
                .filter(paragraph -> paragraph.text().contains(SIGN))
                .toList();
        boolean explained = all.stream()
                .anyMatch(paragraph -> NOTE.matcher(paragraph.text()).find());
        List<Reading> out = new ArrayList<>(exam.paragraphs(marked.isEmpty() ? List.of() : marked.subList(0, 1))
                .check(id(), "note")
                .measure(first -> explained ? EXPLAINED : Measure.word("no-note"))
                .asks(EXPLAINED)
                .fix(FixClass.ASK, (off, cause) -> List.of(note(exam, last(all, marked))))
                .fixable(first ->
                        !last(all, marked).inTable() && !last(all, marked).endsSection())
                .readings());
        out.addAll(exam.paragraphs(mangled)
                .check(id(), "mark")
                .measure(paragraph -> new Measure.Quote(SIGN))
                .asks(new Measure.Quote("(R)"))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(paragraph -> spelled(paragraph).stream())
                                .toList())
                .readings());
        return out;
    }

    /** The last paragraph that follows the marked items in their appendix. */
    private static Paragraph last(List<Paragraph> all, List<Paragraph> marked) {
        int at = all.indexOf(marked.get(marked.size() - 1));
        while (at + 1 < all.size()
                && all.get(at + 1).address().index() == all.get(at).address().index() + 1) {
            at++;
        }
        return all.get(at);
    }

    private static Edit note(Examination exam, Paragraph last) {
        Style standard = exam.paper().styles().standard(Style.Kind.PARAGRAPH);
        PropertySet line = new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, 0)
                .set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                .build();
        return new Edit.InsertParagraph(
                Position.after(last.address()),
                NewParagraph.of(standard == null ? null : standard.id(), line, Wording.broughtIn("reversed-items")));
    }

    private static List<Edit> spelled(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        List<Edit> out = new ArrayList<>();
        for (int at = visible.text().indexOf(SIGN); at >= 0; at = visible.text().indexOf(SIGN, at + 1)) {
            out.add(Edit.ReplaceText.words(visible.range(at, at + 1), "(R)"));
        }
        return out;
    }
}
