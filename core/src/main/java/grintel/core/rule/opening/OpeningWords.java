package grintel.core.rule.opening;

import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.DateOrder;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.language.Dates;
import grintel.core.language.FactWords;
import grintel.core.rule.Examination;
import grintel.core.structure.PaperFacts;
import grintel.core.structure.PartKind;
import grintel.core.structure.PersonName;
import org.jspecify.annotations.Nullable;

/** What the lines of an opening say, from the facts of the brief, else from what the paper says of itself. */
final class OpeningWords {
    private final PaperFacts paper;
    private final DateOrder order;
    private final FactWords words;

    OpeningWords(Examination exam) {
        paper = exam.parts().facts();
        order = exam.ask("opening.date-form").get(OpeningDemands.ORDER);
        words = new FactWords(exam.brief().facts(), order, this::said);
    }

    /** What the line of an element says, or null where nobody knows. */
    @Nullable
    String of(Element element) {
        return words.of(element);
    }

    private @Nullable String said(Element element) {
        return switch (element) {
            case TITLE -> paper.title().isEmpty() ? null : paper.title();
            case AUTHOR ->
                paper.authors().isEmpty()
                        ? null
                        : FactWords.listed(paper.authors().stream()
                                .map(PersonName::toString)
                                .toList());
            case INSTITUTION -> paper.line(PartKind.INSTITUTION);
            case DEPARTMENT -> paper.line(PartKind.DEPARTMENT);
            case COURSE -> paper.line(PartKind.COURSE);
            case CLASS_PERIOD -> paper.line(PartKind.CLASS_PERIOD);
            case INSTRUCTOR -> paper.line(PartKind.INSTRUCTOR);
            case ASSIGNMENT -> paper.line(PartKind.ASSIGNMENT);
            case DATE -> date(paper.line(PartKind.DATE));
            case AFFILIATION, AUTHOR_NOTE -> null;
        };
    }

    private @Nullable String date(@Nullable String line) {
        Dates.Found found = line == null ? null : Dates.find(line);
        return found == null || found.date() == null ? line : Dates.write(found.date(), order);
    }
}
