package grintel.core.structure;

import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The parts of a paper: the role of every paragraph of its text. */
public final class Parts {
    private final List<Paragraph> paragraphs;
    private final Role[] roles;
    private final int[] headingLevels;

    Parts(List<Paragraph> paragraphs, Role[] roles, int[] headingLevels) {
        this.paragraphs = paragraphs;
        this.roles = roles;
        this.headingLevels = headingLevels;
    }

    /** Recognises the parts of a paper as laid out. */
    public static Parts recognise(Paper paper, Proof proof) {
        return new Recogniser(paper, proof).recognise();
    }

    /** The role of the paragraph of this index. */
    public Role role(int index) {
        return roles[index];
    }

    /** The level of a heading from 1, or 0 for a paragraph that is none. */
    public int headingLevel(int index) {
        return headingLevels[index];
    }

    /** The paragraphs of some roles, in order. */
    public List<Paragraph> of(Role first, Role... more) {
        Set<Role> asked = EnumSet.of(first, more);
        List<Paragraph> out = new ArrayList<>();
        for (int i = 0; i < roles.length; i++) {
            if (asked.contains(roles[i])) {
                out.add(paragraphs.get(i));
            }
        }
        return out;
    }

    /** Index of the next paragraph from here on that is not blank, or -1. */
    public int nextFilled(int from) {
        for (int i = from; i < roles.length; i++) {
            if (roles[i] != Role.BLANK) {
                return i;
            }
        }
        return -1;
    }

    /** Index of the last paragraph from here back that is not blank, or -1. */
    public int previousFilled(int from) {
        for (int i = from; i >= 0; i--) {
            if (roles[i] != Role.BLANK) {
                return i;
            }
        }
        return -1;
    }

    /** The first paragraph of a role, or null. */
    public @Nullable Paragraph first(Role role) {
        for (int i = 0; i < roles.length; i++) {
            if (roles[i] == role) {
                return paragraphs.get(i);
            }
        }
        return null;
    }

    /**
     * Whether a paragraph of text only goes on after a quotation, a list or a figure set off from it, so that its first
     * line is no beginning.
     */
    public boolean continues(int index) {
        int before = previousFilled(index - 1);
        if (roles[index] != Role.TEXT || before < 0) {
            return false;
        }
        boolean setOff = roles[before] == Role.BLOCK_QUOTATION
                || roles[before] == Role.LIST_ITEM
                || roles[before] == Role.FIGURE;
        String text = paragraphs.get(index).text().strip();
        return setOff && !text.isEmpty() && Character.isLowerCase(text.codePointAt(0));
    }
}
