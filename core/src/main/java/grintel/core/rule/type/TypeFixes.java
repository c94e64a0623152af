package grintel.core.rule.type;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.rule.Examination;
import grintel.core.structure.Role;
import grintel.core.typeset.FaceCatalogue;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.function.Predicate;

/** What the rules of type share: which characters count as the paper's own type, and how a face is set. */
public final class TypeFixes {
    private static final String TYPEWRITER = "LiberationMono";
    private static final String SYMBOLS = "DejaVuSans";

    private TypeFixes() {}

    /** Edits that give characters a face, in all the slots that Western text uses. */
    public static List<Edit> setFace(Examination exam, Collection<Holder> holders, String face) {
        List<Edit> edits = new ArrayList<>();
        Predicate<Holder> welcome = holder -> !isOddFace(holder.format().get(CharacterProperties.FACE));
        edits.addAll(exam.cause().set(holders, CharacterProperties.FACE, face, welcome));
        edits.addAll(exam.cause().set(holders, CharacterProperties.FACE_HIGH_ANSI, face, welcome));
        edits.addAll(exam.cause().set(holders, CharacterProperties.FACE_COMPLEX, face, welcome));
        return edits;
    }

    /** Edits that give characters a size in half-points. */
    public static List<Edit> setSize(Examination exam, Collection<Holder> holders, int size) {
        return exam.cause().set(holders, CharacterProperties.SIZE, size);
    }

    /** Whether a face is one of code or of symbols, which a guide's demand for one face does not mean. */
    static boolean isOddFace(String face) {
        String family = FaceCatalogue.shipped().choose(face).family();
        return family.equals(TYPEWRITER) || family.equals(SYMBOLS) && !face.startsWith("Lucida");
    }

    /** Whether characters are letters or digits at all. */
    static boolean holdsLetters(Inline.Text text) {
        return text.text().codePoints().anyMatch(Character::isLetterOrDigit);
    }

    /** Whether a rule about the paper's type looks at a paragraph of this role. */
    static boolean isSetText(Role role) {
        return role != Role.BLANK && role != Role.TABLE_CELL && role != Role.FIGURE && role != Role.TABLE_NOTE;
    }
}
