package grintel.core.rule.type;

import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Inline;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunGroup;
import grintel.core.rule.TypeEdits;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Characters whose face or size is not that of the text, as it is or as it will be put right. Code, symbols, tables,
 * figures and notes are left to their own rules.
 */
public final class TypeStraysRule implements Rule {
    @Override
    public String id() {
        return "type.strays";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        BodyType body = exam.bodyType();
        Measure.Type is = new Measure.Type(body.face(), body.size());
        return TypeEdits.readings(
                id(), RunGroup.of(exam, exam.paragraphs(Kinds.SET_AS_TEXT), inline -> type(inline, is)), body);
    }

    /** The type of letters that should be set as the text is; null for what need not be. */
    private static @Nullable Measure type(Inline inline, Measure.Type body) {
        Measure.Type type = TypeEdits.type(inline);
        if (!RunGroup.holdsLetters(inline)) {
            return null;
        }
        boolean raised = inline.format().get(CharacterProperties.VERTICAL_POSITION) != VerticalPosition.BASELINE;
        return type.equals(body) || !raised && !TypeEdits.isOddFace(type.face()) ? type : null;
    }
}
