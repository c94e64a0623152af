package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The line of keywords: its label in italics, set in as a paragraph is, words parted by commas, no full stop. */
public final class OpeningKeywordsRule implements Rule {
    private static final Pattern LABEL = Pattern.compile("^\\s*([Kk][Ee][Yy]\\s?[Ww][Oo][Rr][Dd][Ss]\\s*:?)");
    private static final Measure ASKED_LABEL = new Measure.Quote("Keywords:");
    private static final double NEARLY_ALL = 0.98;

    @Override
    public String id() {
        return "opening.keywords";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> lines = exam.paragraphs(exam.parts().paragraphs(PartKind.KEYWORDS))
                .filter(paragraph ->
                        LABEL.matcher(VisibleText.of(paragraph).text()).find());
        List<Reading> out = new ArrayList<>();
        out.addAll(lines.check(id(), "label")
                .measure(paragraph -> new Measure.Quote(label(paragraph).characters()))
                .asks(ASKED_LABEL)
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .<Edit>map(paragraph -> Edit.ReplaceText.words(range(paragraph), "Keywords:"))
                                .toList())
                .readings());
        out.addAll(lines.check(id(), "slant")
                .measure(paragraph -> Measure.word(
                        label(paragraph).share(format -> format.get(CharacterProperties.ITALIC)) >= NEARLY_ALL
                                ? "italic"
                                : "upright"))
                .asks(Measure.word("italic"))
                .fix((off, cause) -> off.stream()
                        .flatMap(paragraph ->
                                cause.set(label(paragraph).holders(), CharacterProperties.ITALIC, true).stream())
                        .toList())
                .readings());
        out.addAll(FirstLine.asText(id(), "indent", exam, lines));
        out.addAll(lines.check(id(), "stop")
                .measure(paragraph ->
                        Measure.word(paragraph.text().stripTrailing().endsWith(".") ? "a-full-stop" : "none"))
                .asks(Measure.word("none"))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .map(OpeningKeywordsRule::withoutStop)
                                .toList())
                .readings());
        return out;
    }

    private static TextRange range(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        Matcher label = LABEL.matcher(visible.text());
        return label.find() ? visible.range(label.start(1), label.end(1)) : visible.range(0, 0);
    }

    private static Stretch label(Paragraph paragraph) {
        return Stretch.of(paragraph, range(paragraph));
    }

    private static Edit withoutStop(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        int end = visible.text().stripTrailing().length();
        return Edit.ReplaceText.words(visible.range(end - 1, end), "");
    }
}
