package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.DateOrder;
import grintel.core.language.Dates;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The date in the order the guide asks for, its month spelled out. Two numbers that may be either are the writer's work. */
public final class OpeningDateFormRule implements Rule {
    @Override
    public String id() {
        return "opening.date-form";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        DateOrder order = ask.get(OpeningDemands.ORDER);
        LocalDate known = known(exam);
        return exam.paragraphs(exam.parts().paragraphs(PartKind.DATE))
                .each(
                        paragraph -> Written.in(paragraph, known),
                        written -> exam.place(written.paragraph),
                        written -> exam.identity(written.paragraph))
                .check(id(), "date")
                .measure(written -> new Measure.Quote(written.words()))
                .asksOf(written -> written.asked(order))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .<Edit>map(written -> Edit.ReplaceText.words(
                                        written.visible.range(written.found.from(), written.found.to()),
                                        Dates.write(Objects.requireNonNull(written.date), order)))
                                .toList())
                .fixable(written -> written.date != null)
                .readings();
    }

    /** The date in the facts, which tells what two numbers mean. */
    private static @Nullable LocalDate known(Examination exam) {
        String fact = exam.brief().facts().get("date");
        try {
            return fact == null ? null : LocalDate.parse(fact);
        } catch (DateTimeParseException e) {
            return null;
        }
    }

    /**
     * A date in a line.
     *
     * @param date the day that is meant, from the line or the facts; null where neither tells
     */
    private record Written(
            Paragraph paragraph,
            VisibleText visible,
            Dates.Found found,
            @Nullable LocalDate date) {
        static List<Written> in(Paragraph paragraph, @Nullable LocalDate known) {
            VisibleText visible = VisibleText.of(paragraph);
            Dates.Found found = Dates.find(visible.text());
            return found == null
                    ? List.of()
                    : List.of(new Written(paragraph, visible, found, found.date() == null ? known : found.date()));
        }

        String words() {
            return visible.text().substring(found.from(), found.to());
        }

        Measure asked(DateOrder order) {
            if (found.date() != null && Dates.isWritten(words(), found.date(), order)) {
                return new Measure.Quote(words());
            }
            return date == null ? Measure.word(order.id()) : new Measure.Quote(Dates.write(date, order));
        }
    }
}
