package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.Position;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Quotes;
import grintel.core.rule.Reading;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * That the lines of an opening name what is asked, in order, and nothing else.
 *
 * @param start where the first of the lines stands or would stand
 * @param form a missing line as a paragraph
 */
record ElementCheck(
        String rule,
        Examination exam,
        OpeningElements found,
        List<Element> asked,
        Position start,
        Function<String, NewParagraph> form) {
    private static final Measure THERE = Measure.word("there");

    List<Reading> readings() {
        List<Reading> out = new ArrayList<>();
        missing(out);
        for (OpeningElements.Line line : found.outOfOrder(asked)) {
            // The cells of a table have no order that would say anything.
            if (!line.first().inTable()) {
                out.addAll(outOfOrder(line));
            }
        }
        for (OpeningElements.Line line : found.others(asked)) {
            out.addAll(other(line));
        }
        if (out.isEmpty() && !found.lines().isEmpty()) {
            out.add(Reading.met(rule, "missing", THERE, THERE));
        }
        return out;
    }

    private void missing(List<Reading> out) {
        for (Element element : found.missing(asked)) {
            Position at = place(element);
            String words = new OpeningWords(exam).of(element);
            boolean known = words != null && !words.isBlank() && element != Element.TITLE;
            out.addAll(exam.whole()
                    .at(paper -> exam.place(paragraph(at)))
                    .check(rule, "missing")
                    .measure(paper -> new Measure.Phrase("missing", Measure.word(element.id())))
                    .asks(THERE)
                    .fix(
                            FixClass.ASK,
                            (off, cause) ->
                                    known ? List.of(new Edit.InsertParagraph(at, form.apply(words))) : List.of())
                    .fixable(paper -> known)
                    .readings());
        }
    }

    /** After the last line of what is asked before an element, else at the start. */
    private Position place(Element element) {
        Position at = start;
        for (Element before : asked.subList(0, asked.indexOf(element))) {
            for (OpeningElements.Line line : found.lines()) {
                if (line.names().contains(before)) {
                    at = Position.after(last(line).address());
                }
            }
        }
        return at;
    }

    private Paragraph paragraph(Position at) {
        return exam.paper().paragraphs().get(at.paragraph().index());
    }

    private static Paragraph last(OpeningElements.Line line) {
        return line.paragraphs().get(line.paragraphs().size() - 1);
    }

    private List<Reading> outOfOrder(OpeningElements.Line line) {
        Element element =
                line.names().stream().filter(asked::contains).findFirst().orElseThrow();
        OpeningElements.Line later = found.lines().stream()
                .filter(each -> each.names().stream().anyMatch(name -> asked.indexOf(name) > asked.indexOf(element)))
                .findFirst()
                .orElseThrow();
        return exam.paragraphs(List.of(line.first()))
                .check(rule, "order")
                .measure(paragraph -> Measure.word(element.id()))
                .asks(new Measure.Phrase(
                        "before", new Measure.Quote(Quotes.first(later.first().text()))))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> List.of(new Edit.MoveParagraphs(
                                line.first().address(),
                                line.paragraphs().size(),
                                Position.before(later.first().address()))))
                .fixable(paragraph -> !last(line).endsSection()
                        && !last(line).hasPageBreak()
                        && last(line).address().index() - paragraph.address().index() + 1
                                == line.paragraphs().size())
                .readings();
    }

    private List<Reading> other(OpeningElements.Line line) {
        return exam.paragraphs(line.paragraphs())
                .check(rule, "other")
                .measure(paragraph -> new Measure.Quote(Quotes.first(paragraph.text())))
                .asks(Measure.word("none"))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .<Edit>map(paragraph -> new Edit.RemoveParagraph(paragraph.address()))
                                .toList())
                .fixable(paragraph -> !paragraph.endsSection() && !paragraph.hasPageBreak() && !paragraph.inTable())
                .readings();
    }
}
