package grintel.core.rule.objects;

import grintel.core.edit.Edit;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Room among the tables, or the figures, of a text for one more. */
public final class Renumbering {
    private final Examination exam;
    private final PartKind kind;
    private final List<Captioned> all;
    private final List<Mentions.Mention> mentions;

    public Renumbering(Examination exam, PartKind kind) {
        this.exam = exam;
        this.kind = kind;
        this.all = Captioned.all(exam, kind).stream()
                .filter(each -> each.caption() != null && each.said().number() != null)
                .filter(each -> !exam.parts().isInAppendix(each.index()))
                .toList();
        this.mentions = Mentions.of(exam, kind);
    }

    /** The number of one that comes in after a paragraph of the text. */
    public int numberAfter(Paragraph place) {
        return 1
                + (int) all.stream()
                        .filter(each -> each.index() <= place.address().index())
                        .count();
    }

    /** Index of the first paragraph that names a number which nothing bears yet, or -1. */
    public int firstWaiting() {
        Set<ObjectNumber> borne = all.stream().map(each -> each.said().number()).collect(Collectors.toSet());
        return mentions.stream()
                .filter(mention -> mention.number().letter().isEmpty() && !borne.contains(mention.number()))
                .filter(mention ->
                        exam.parts().isInText(mention.paragraph().address().index()))
                .mapToInt(mention -> mention.paragraph().address().index())
                .findFirst()
                .orElse(-1);
    }

    /** Whether the text names a number that nothing bears yet. */
    public boolean isWaitedFor(int number) {
        ObjectNumber wanted = new ObjectNumber("", number);
        return all.stream().noneMatch(each -> wanted.equals(each.said().number()))
                && mentions.stream().anyMatch(mention -> mention.number().equals(wanted));
    }

    /** Edits that move a number and all after it up by one, with their mentions; none where nothing bears it. */
    public List<Edit> makeRoom(int number) {
        if (all.stream()
                .noneMatch(
                        each -> new ObjectNumber("", number).equals(each.said().number()))) {
            return List.of();
        }
        List<Edit> out = new ArrayList<>();
        for (Captioned each : all) {
            ObjectNumber is = each.said().number();
            if (is != null && is.letter().isEmpty() && is.value() >= number && !each.isBoxed()) {
                out.add(Edit.ReplaceText.words(each.said().figure(), Integer.toString(is.value() + 1)));
            }
        }
        for (Mentions.Mention mention : mentions) {
            ObjectNumber is = mention.number();
            if (is.letter().isEmpty()
                    && is.value() >= number
                    && mention.figure().from() < mention.figure().to()) {
                out.add(Edit.ReplaceText.words(mention.figure(), Integer.toString(is.value() + 1)));
            }
        }
        return out;
    }

    /** What the number of one is called in the text: {@code Table 2}. */
    public String mention(int number) {
        return (kind == PartKind.TABLE ? "Table " : "Figure ") + number;
    }
}
