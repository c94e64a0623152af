package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.rule.Examination;
import grintel.core.rule.ParagraphGroups;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.List;

/** Text paragraphs stand at the left margin with a ragged right edge, or as the guide asks. */
public final class SpacingAlignmentRule implements Rule {
    @Override
    public String id() {
        return "spacing.alignment";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Alignment target = alignment(ask);
        Quantity asked = name(target);
        ParagraphGroups off = new ParagraphGroups();
        List<Paragraph> judged = exam.parts().of(Role.TEXT, Role.ABSTRACT);
        for (Paragraph paragraph : judged) {
            Alignment is = paragraph.format().get(ParagraphProperties.ALIGNMENT);
            if (is != target) {
                off.add(name(is), paragraph);
            }
        }
        if (judged.isEmpty()) {
            return List.of();
        }
        return off.readings(
                exam,
                id(),
                "alignment",
                asked,
                paragraphs -> exam.cause()
                        .set(
                                Cause.paragraphs(paragraphs),
                                ParagraphProperties.ALIGNMENT,
                                target,
                                holder -> SpacedRoles.welcome(exam).test(holder)
                                        && holder.format().get(ParagraphProperties.ALIGNMENT) == Alignment.JUSTIFIED));
    }

    private static Alignment alignment(Ask ask) {
        return ask.get(SpacingDemands.ALIGNMENT) == SpacingDemands.Alignment.LEFT
                ? Alignment.LEFT
                : Alignment.JUSTIFIED;
    }

    private static Quantity name(Alignment alignment) {
        return Quantity.words(
                switch (alignment) {
                    case LEFT -> "left, ragged right";
                    case CENTRE -> "centred";
                    case RIGHT -> "right";
                    case JUSTIFIED -> "justified";
                });
    }
}
