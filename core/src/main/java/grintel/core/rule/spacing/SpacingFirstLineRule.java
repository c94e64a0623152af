package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.ParagraphGroups;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/** Where the first line of each text paragraph starts, as laid out: indents, tabs and spaces all count. */
public final class SpacingFirstLineRule implements Rule {
    @Override
    public String id() {
        return "spacing.first-line";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length indent = ask.get(SpacingDemands.INDENT);
        Quantity asked = Quantity.length(indent);
        ParagraphGroups off = new ParagraphGroups();
        List<Paragraph> judged = FirstLines.judged(exam);
        for (Paragraph paragraph : judged) {
            double is = FirstLines.indent(exam, paragraph);
            if (Math.abs(is - indent.twips()) > Examination.TOLERANCE) {
                off.add(Quantity.length(Math.round(is / 14.4) * 14.4, indent.unit()), paragraph);
            }
        }
        if (judged.isEmpty()) {
            return List.of();
        }
        return off.readings(exam, id(), "first-line", asked, paragraphs -> edits(exam, paragraphs, indent.rounded()));
    }

    /** Sets the indent itself and takes away what was typed in its place. */
    static List<Edit> edits(Examination exam, List<Paragraph> paragraphs, int indent) {
        List<Holder> holders = Cause.paragraphs(paragraphs);
        List<Edit> edits = new ArrayList<>();
        edits.addAll(exam.cause().set(holders, ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS, 0));
        edits.addAll(exam.cause().set(holders, ParagraphProperties.INDENT_LEFT_CHARACTERS, 0));
        edits.addAll(exam.cause().set(holders, ParagraphProperties.INDENT_FIRST_LINE, indent));
        edits.addAll(exam.cause().set(holders, ParagraphProperties.INDENT_LEFT, 0));
        paragraphs.forEach(paragraph -> edits.addAll(FirstLines.removeLeadingSpace(paragraph)));
        return edits;
    }
}
