package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.typeset.FaceCatalogue;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Predicate;

/** What rules of type share: which characters count as the paper's own type, and how it is set. */
public final class TypeEdits {
    private static final String SYMBOLS = "DejaVuSans";

    private TypeEdits() {}

    /** Edits that give characters a face, in all the slots that Western text uses. */
    public static List<Edit> setFace(Cause cause, Collection<Holder> holders, String face) {
        List<Edit> edits = new ArrayList<>();
        Predicate<Holder> welcome = holder -> !isOddFace(holder.format().get(CharacterProperties.FACE));
        edits.addAll(cause.set(holders, CharacterProperties.FACE, face, welcome));
        edits.addAll(cause.set(holders, CharacterProperties.FACE_HIGH_ANSI, face, welcome));
        edits.addAll(cause.set(holders, CharacterProperties.FACE_COMPLEX, face, welcome));
        return edits;
    }

    /** Edits that give characters face and size, each to those that lack it. */
    public static List<Edit> setType(Cause cause, List<Holder> holders, BodyType body) {
        List<Holder> otherFace = holders.stream()
                .filter(holder -> !holder.format().get(CharacterProperties.FACE).equals(body.targetFace()))
                .toList();
        List<Edit> edits = new ArrayList<>();
        if (!otherFace.isEmpty()) {
            edits.addAll(setFace(cause, otherFace, body.targetFace()));
        }
        edits.addAll(cause.set(holders, CharacterProperties.SIZE, body.targetSize()));
        return edits;
    }

    /** Whether a face is one of code or of symbols, which a guide's demand for one face does not mean. */
    public static boolean isOddFace(String face) {
        return FaceCatalogue.shipped().isFixedWidth(face)
                || FaceCatalogue.shipped().choose(face).family().equals(SYMBOLS) && !face.startsWith("Lucida");
    }

    /** Readings of runs that should be set as the text is, each of those that are not. */
    public static List<Reading> readings(String rule, Subjects<RunGroup> groups, BodyType body) {
        Measure.Type is = new Measure.Type(body.face(), body.size());
        return groups.check(rule, "type")
                .measure(RunGroup::is)
                .asks(new Measure.Type(body.targetFace(), body.targetSize()))
                .metWhen((group, type) -> type.equals(is))
                .fix((some, cause) -> setType(cause, RunGroup.holders(some), body))
                .readings();
    }

    /** The type of an inline. */
    public static Measure.Type type(Inline inline) {
        return new Measure.Type(
                inline.format().get(CharacterProperties.FACE), inline.format().get(CharacterProperties.SIZE));
    }
}
