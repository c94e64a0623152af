package grintel.core.rule.spacing;

import grintel.core.edit.Holder;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.structure.Role;
import java.util.EnumSet;
import java.util.Set;
import java.util.function.Predicate;

/** Which parts the rules of spacing judge, and which may gain what they ask along the way. */
final class SpacedRoles {
    /** Parts whose line spacing and gaps are those of the text; the others have rules of their own. */
    static final Set<Role> AS_TEXT = EnumSet.of(
            Role.HEADING_BLOCK,
            Role.TITLE,
            Role.ABSTRACT_LABEL,
            Role.ABSTRACT,
            Role.KEYWORDS,
            Role.HEADING,
            Role.TEXT,
            Role.APPENDIX_TEXT);

    private static final Set<Role> OF_THEIR_OWN =
            EnumSet.of(Role.TABLE_CELL, Role.CAPTION, Role.TABLE_NOTE, Role.FIGURE);

    private SpacedRoles() {}

    /** Others in the text that may take the text's spacing along with it; tables, notes and headers may not. */
    static Predicate<Holder> welcome(Examination exam) {
        return holder -> holder.paragraph().address().story().kind() == Story.Kind.TEXT
                && !OF_THEIR_OWN.contains(exam.role(holder.paragraph()));
    }
}
