package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.List;

/** Widow and orphan control of text paragraphs as the guide asks. */
public final class SpacingWidowsRule implements Rule {
    @Override
    public String id() {
        return "spacing.widows";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> judged = exam.parts().of(Role.TEXT, Role.ABSTRACT);
        SpacingDemands.Widows control = ask.get(SpacingDemands.CONTROL);
        if (judged.isEmpty() || control == SpacingDemands.Widows.ANY) {
            return List.of();
        }
        boolean keep = control == SpacingDemands.Widows.KEEP;
        Quantity asked = Quantity.words(keep ? "kept together" : "loose");
        List<Paragraph> off = judged.stream()
                .filter(paragraph -> paragraph.format().get(ParagraphProperties.WIDOW_CONTROL) != keep)
                .toList();
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "control", asked, asked));
        }
        return List.of(Reading.off(
                id(),
                "control",
                Quantity.words(keep ? "loose" : "kept together"),
                asked,
                exam.places(off),
                exam.cause()
                        .set(
                                Cause.paragraphs(off),
                                ParagraphProperties.WIDOW_CONTROL,
                                keep,
                                SpacedRoles.welcome(exam))));
    }
}
