package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One space after a sentence. */
public final class SpacingSentenceGapRule implements Rule {
    private static final Quantity ONE = Quantity.count(1, "space");
    private static final Pattern GAP = Pattern.compile("[.!?][\"'\u201D\u2019)\\]]*( {2,})(?=\\S)");
    private static final Set<Role> JUDGED =
            EnumSet.of(Role.TEXT, Role.ABSTRACT, Role.BLOCK_QUOTATION, Role.LIST_ITEM, Role.APPENDIX_TEXT);

    @Override
    public String id() {
        return "spacing.sentence-gap";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> judged = exam.paragraphs(JUDGED);
        if (judged.isEmpty()) {
            return List.of();
        }
        List<Place> places = new ArrayList<>();
        List<Edit> edits = new ArrayList<>();
        int widest = 0;
        for (Paragraph paragraph : judged) {
            VisibleText visible = VisibleText.of(paragraph);
            Matcher gap = GAP.matcher(visible.text());
            while (gap.find()) {
                places.add(exam.place(paragraph, visible.around(gap.start(1), gap.end(1))));
                widest = Math.max(widest, gap.end(1) - gap.start(1));
                edits.add(Edit.ReplaceText.words(visible.range(gap.start(1) + 1, gap.end(1)), ""));
            }
        }
        if (places.isEmpty()) {
            return List.of(Reading.met(id(), "gap", ONE, ONE));
        }
        return List.of(Reading.off(id(), "gap", Quantity.count(widest, "spaces"), ONE, places, edits));
    }
}
