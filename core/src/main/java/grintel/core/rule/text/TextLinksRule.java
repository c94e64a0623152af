package grintel.core.rule.text;

import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.LinkLook;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Links in the text look as the text does. */
public final class TextLinksRule implements Rule {
    private static final Set<PartKind> JUDGED = EnumSet.of(
            PartKind.PARAGRAPH,
            PartKind.CONTINUATION,
            PartKind.ABSTRACT_TEXT,
            PartKind.BLOCK_QUOTATION,
            PartKind.LIST_ITEM);

    @Override
    public String id() {
        return "text.links";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return LinkLook.readings(id(), exam, exam.paragraphs(JUDGED), false);
    }
}
