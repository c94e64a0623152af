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
import java.util.ArrayList;
import java.util.List;
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
        List<Reading> out = new ArrayList<>();
        for (Paragraph paragraph : exam.parts().paragraphs(PartKind.DATE)) {
            VisibleText visible = VisibleText.of(paragraph);
            Dates.Found found = Dates.find(visible.text());
            if (found != null) {
                out.addAll(read(exam, paragraph, visible, found, order));
            }
        }
        return out;
    }

    private List<Reading> read(
            Examination exam, Paragraph paragraph, VisibleText visible, Dates.Found found, DateOrder order) {
        String words = visible.text().substring(found.from(), found.to());
        LocalDate date = found.date() == null ? known(exam) : found.date();
        boolean written = found.date() != null && Dates.isWritten(words, found.date(), order);
        Measure asked = written
                ? new Measure.Quote(words)
                : date == null ? Measure.word(order.id()) : new Measure.Quote(Dates.write(date, order));
        return exam.paragraphs(List.of(paragraph))
                .check(id(), "date")
                .measure(line -> new Measure.Quote(words))
                .asks(asked)
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> date == null
                                ? List.of()
                                : List.of(Edit.ReplaceText.words(
                                        visible.range(found.from(), found.to()), Dates.write(date, order))))
                .fixable(line -> date != null)
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
}
