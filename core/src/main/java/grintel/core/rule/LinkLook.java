package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** How links look: as the text around them, or set off by colour or a line. */
public final class LinkLook {
    private static final Measure AS_TEXT = Measure.word("as-text");
    private static final Measure SET_OFF = Measure.word("as-a-link");

    private LinkLook() {}

    /**
     * The readings of a rule that asks links to look as the text does.
     *
     * @param alike whether any look will do as long as all links have it
     */
    public static List<Reading> readings(String rule, Examination exam, Subjects<Paragraph> paragraphs, boolean alike) {
        Subjects<RunGroup> links = RunGroup.of(exam, paragraphs, LinkLook::look);
        Set<Measure> looks = links.all().stream().map(RunGroup::is).collect(Collectors.toSet());
        return links.check(rule, "look")
                .measure(RunGroup::is)
                .asks(AS_TEXT)
                .metWhen((group, is) -> alike && looks.size() == 1)
                .fix((groups, cause) -> {
                    List<Holder> holders = RunGroup.holders(groups);
                    List<Edit> edits = new ArrayList<>(cause.set(holders, CharacterProperties.UNDERLINE, "none"));
                    edits.addAll(cause.set(holders, CharacterProperties.COLOUR, Colour.AUTO));
                    return edits;
                })
                .readings();
    }

    private static @Nullable Measure look(Inline inline) {
        if (!RunGroup.holdsLetters(inline) || !inline.run().linked()) {
            return null;
        }
        Formatting format = inline.format();
        boolean lined = !format.get(CharacterProperties.UNDERLINE).equals("none");
        return lined || !format.get(CharacterProperties.COLOUR).readsAsBlack() ? SET_OFF : AS_TEXT;
    }
}
