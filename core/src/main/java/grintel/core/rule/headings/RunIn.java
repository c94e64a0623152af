package grintel.core.rule.headings;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Lets text run on from a heading, or gives a heading a line of its own. */
final class RunIn {
    private static final List<Property<?>> LOOK = List.of(
            ParagraphProperties.ALIGNMENT,
            ParagraphProperties.INDENT_LEFT,
            ParagraphProperties.INDENT_RIGHT,
            ParagraphProperties.INDENT_FIRST_LINE,
            ParagraphProperties.LINE_SPACING,
            ParagraphProperties.SPACE_BEFORE,
            ParagraphProperties.SPACE_AFTER,
            ParagraphProperties.KEEP_WITH_NEXT,
            ParagraphProperties.OUTLINE_LEVEL);

    private RunIn() {}

    /** The edits that turn a heading from the one to the other; none where that cannot be done. */
    static List<Edit> turned(Examination exam, Heading heading) {
        return heading.runIn() ? parted(heading) : joined(exam, heading);
    }

    private static List<Edit> parted(Heading heading) {
        if (heading.paragraph().runsOn()) {
            return List.of();
        }
        String characters = heading.paragraph().characters();
        int at = heading.line().to();
        while (at < characters.length() && characters.charAt(at) == ' ') {
            at++;
        }
        return List.of(new Edit.SplitParagraph(heading.paragraph().address(), at));
    }

    private static List<Edit> joined(Examination exam, Heading heading) {
        Paragraph own = heading.paragraph();
        Paragraph next = next(exam, own);
        if (next == null
                || own.endsSection()
                || own.runsOn()
                || !heading.line().characters().equals(own.text())) {
            return List.of();
        }
        List<Edit> edits = new ArrayList<>();
        Target paragraph = new Target.OfParagraph(own.address());
        if (!own.styleId().equals(next.styleId()) && next.style() != null) {
            edits.add(new Edit.ApplyStyle(own.address(), next.styleId()));
        }
        for (Property<?> property : LOOK) {
            edits.add(new Edit.SetProperty(paragraph, property, next.direct().get(property)));
        }
        for (Property<Boolean> property : List.of(CharacterProperties.BOLD, CharacterProperties.ITALIC)) {
            boolean is = heading.line().share(format -> format.get(property)) > 0.5;
            edits.add(new Edit.SetProperty(new Target.OfRange(own.range()), property, is));
        }
        edits.add(Edit.JoinParagraphs.spaced(own));
        return edits;
    }

    private static @Nullable Paragraph next(Examination exam, Paragraph own) {
        int at = own.address().index() + 1;
        boolean text = at < exam.paper().paragraphs().size() && exam.parts().kind(at) == PartKind.PARAGRAPH;
        return text ? exam.paper().paragraphs().get(at) : null;
    }
}
