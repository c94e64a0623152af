package grintel.core.rule.spacing;

import grintel.core.guide.Ask;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.List;

/** Hard line breaks inside paragraphs of text; whether each should go, or end the paragraph, the writer must say. */
public final class SpacingLineBreaksRule implements Rule {
    private static final Quantity NONE = Quantity.words("none");

    @Override
    public String id() {
        return "spacing.line-breaks";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> judged = exam.parts().of(Role.TEXT, Role.ABSTRACT);
        if (judged.isEmpty()) {
            return List.of();
        }
        List<Paragraph> off =
                judged.stream().filter(paragraph -> breaks(paragraph) > 0).toList();
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "breaks", NONE, NONE));
        }
        long count = off.stream().mapToLong(SpacingLineBreaksRule::breaks).sum();
        return List.of(Reading.off(
                id(),
                "breaks",
                Quantity.count((int) count, count == 1 ? "line break" : "line breaks"),
                NONE,
                exam.places(off),
                List.of()));
    }

    /** Breaks with something visible on either side. */
    private static long breaks(Paragraph paragraph) {
        String text = paragraph.text();
        long count = 0;
        int kind = -1;
        for (Inline inline : paragraph.inlines()) {
            kind++;
            if (inline instanceof Inline.Break at && at.kind() == Inline.Break.Kind.LINE) {
                boolean inside = kind > 0 && kind < paragraph.inlines().size() - 1;
                count += inside && !text.isBlank() ? 1 : 0;
            }
        }
        return count;
    }
}
