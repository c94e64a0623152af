package grintel.core.rule.objects;

import grintel.core.edit.Edit;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.Position;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.Stand;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.Quotes;
import grintel.core.rule.Reading;
import grintel.core.rule.Stretch;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a guide asks of the numbers of tables, or of figures: that there is one, its words, its looks, its order. */
public final class NumberReadings {
    private static final Measure IN_ORDER = Measure.word("counted-in-order");

    private final String rule;
    private final Examination exam;
    private final CaptionForm form;
    private final boolean above;
    private final List<Captioned> all;
    private final Numbering numbering;

    /**
     * @param above whether the number stands over its object
     */
    public NumberReadings(String rule, Examination exam, PartKind kind, CaptionForm form, boolean above) {
        this.rule = rule;
        this.exam = exam;
        this.form = form;
        this.above = above;
        this.all = Captioned.all(exam, kind);
        this.numbering = new Numbering(exam, kind, all);
    }

    public List<Reading> readings() {
        if (all.isEmpty()) {
            return List.of();
        }
        List<Reading> out = new ArrayList<>(present());
        List<Captioned> numbered =
                all.stream().filter(each -> each.caption() != null).toList();
        out.addAll(words(numbered));
        List<Stretch> labels =
                numbered.stream().map(each -> each.said().label()).toList();
        out.addAll(look(form, above).readings(rule, exam, exam.stretches(labels)));
        out.addAll(order(numbered));
        return out;
    }

    /** How a label or a title looks; under its object it may stand where it likes. */
    static LineForm look(CaptionForm form, boolean above) {
        return new LineForm(above ? Stand.LEFT : Stand.INDENTED, form.bold(), form.slant(), false);
    }

    private List<Reading> present() {
        return Captioned.subjects(exam, all)
                .filter(each -> each.caption() == null && each.needsNumber() && numbering.asked(each) != null)
                .check(rule, "present")
                .eachApart()
                .measure(each -> Measure.word("no-number"))
                .asksOf(each -> new Measure.Quote(asked(each)))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream().map(this::inserted).toList())
                .fixable(each -> beside(each) != null)
                .readings();
    }

    private String asked(Captioned object) {
        ObjectNumber number = numbering.asked(object);
        return form.words().replace("#", number == null ? "" : number.shown());
    }

    // ---- one that is not there

    /** The place of a caption beside a table or a figure, null where none can be brought in. */
    private @Nullable Position beside(Captioned object) {
        List<Paragraph> paragraphs = exam.paper().paragraphs();
        Paragraph first = object.body().get(0);
        Paragraph last = object.body().get(object.body().size() - 1);
        if (!first.inTable()) {
            return above ? Position.before(first.address()) : Position.after(last.address());
        }
        int at = above ? first.address().index() - 1 : last.address().index() + 1;
        if (at < 0 || at >= paragraphs.size() || paragraphs.get(at).inTable()) {
            return null;
        }
        ParagraphAddress neighbour = paragraphs.get(at).address();
        if (!above) {
            return Position.before(neighbour);
        }
        return paragraphs.get(at).endsSection() ? null : Position.after(neighbour);
    }

    private Edit inserted(Captioned object) {
        Position place = beside(object);
        if (place == null) {
            throw new IllegalStateException("No caption can stand beside it");
        }
        PropertySet.Builder type = new PropertySet.Builder();
        type.set(CharacterProperties.BOLD, form.bold() == Boldness.BOLD);
        type.set(CharacterProperties.ITALIC, form.slant() == Slant.ITALIC);
        PropertySet line = new PropertySet.Builder()
                .set(ParagraphProperties.KEEP_WITH_NEXT, above)
                .set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                .build();
        Style standard = exam.paper().styles().standard(Style.Kind.PARAGRAPH);
        NewParagraph plain = NewParagraph.of(standard == null ? null : standard.id(), line, asked(object));
        return new Edit.InsertParagraph(
                place,
                new NewParagraph(
                        plain.style(),
                        plain.direct(),
                        plain.runs().stream()
                                .map(run -> new NewParagraph.NewRun(run.piece(), type.build()))
                                .toList()));
    }

    // ---- its words

    private List<Reading> words(List<Captioned> numbered) {
        return Captioned.subjects(exam, numbered)
                .filter(each -> each.said().number() != null)
                .check(rule, "words")
                .measure(each -> new Measure.Quote(Quotes.plain(each.said().said())))
                .asksOf(each -> new Measure.Quote(inForm(each.said())))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .flatMap(each -> worded(each.said()).stream())
                                .toList())
                .readings();
    }

    /** The label with the number it bears now. */
    private String inForm(Caption caption) {
        ObjectNumber number = caption.number();
        return form.words().replace("#", number == null ? "" : number.shown());
    }

    /** Word, number and the sign after it, each replaced only where it is another: a live number stays one. */
    private List<Edit> worded(Caption caption) {
        String before = form.words().substring(0, form.words().indexOf('#'));
        String after = form.words().substring(form.words().indexOf('#') + 1);
        String characters = caption.line().characters();
        List<Edit> out = new ArrayList<>();
        TextRange figure = caption.figure();
        replace(
                out,
                characters,
                new TextRange(caption.line().address(), caption.label().from(), figure.from()),
                before);
        ObjectNumber number = caption.number();
        replace(out, characters, figure, number == null ? "" : number.shown());
        replace(
                out,
                characters,
                new TextRange(
                        caption.line().address(), figure.to(), caption.label().to()),
                after);
        return out;
    }

    private static void replace(List<Edit> out, String characters, TextRange range, String words) {
        if (!characters.substring(range.from(), range.to()).equals(words)) {
            out.add(Edit.ReplaceText.words(range, words));
        }
    }

    // ---- its order

    private List<Reading> order(List<Captioned> numbered) {
        boolean plain = numbering.isPlain();
        return Captioned.subjects(exam, numbered)
                .filter(each -> each.said().number() != null && numbering.asked(each) != null)
                .check(rule, "order")
                .measure(each -> numbering.isRight(each) ? IN_ORDER : Measure.word("out-of-count"))
                .asks(IN_ORDER)
                .fix(plain ? FixClass.APPARATUS : FixClass.ASK, (off, cause) -> numbering.edits())
                .fixable(each -> numbering.isWithinReach())
                .readings();
    }
}
