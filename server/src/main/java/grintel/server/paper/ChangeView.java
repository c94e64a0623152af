package grintel.server.paper;

import grintel.core.edit.WordChange;
import grintel.core.paper.ParagraphAddress;
import grintel.core.rule.Wording;
import grintel.core.typeset.Proof;
import org.jspecify.annotations.Nullable;

/**
 * Words that are changed.
 *
 * @param where where they stand, in words
 * @param page the page they stand on before; null where that is every page
 * @param moved whether they go to another place as they are
 */
record ChangeView(String where, @Nullable Integer page, String before, String after, boolean moved) {
    /** @param before the pages before the change */
    static ChangeView of(WordChange change, Proof before) {
        ParagraphAddress paragraph = change.where().paragraph();
        int page = paragraph == null ? 0 : before.pageOf(paragraph);
        return new ChangeView(
                Wording.told(change.where()),
                page > 0 ? page : null,
                Wording.shown(change.before()),
                Wording.shown(change.after()),
                change.kind() == WordChange.Kind.MOVED);
    }
}
