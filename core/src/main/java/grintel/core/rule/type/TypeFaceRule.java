package grintel.core.rule.type;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.TypeEdits;
import java.util.List;

/** The face most of the text is set in is one the guide permits. */
public final class TypeFaceRule implements Rule {
    @Override
    public String id() {
        return "type.face";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        BodyType body = exam.bodyType();
        return exam.paragraphs(Kinds.SET_AS_TEXT)
                .filter(paragraph -> paragraph.texts().stream()
                        .anyMatch(text ->
                                text.format().get(CharacterProperties.FACE).equals(body.face())))
                .check(id(), "face")
                .measure(paragraph -> new Measure.Name(body.face()))
                .asks(body.facePermitted() ? BodyType.askedFaces(ask) : new Measure.Name(body.targetFace()))
                .metWhen((paragraph, is) -> body.facePermitted())
                .fix((paragraphs, cause) -> edits(exam, paragraphs, cause))
                .readings();
    }

    /** All at once is everything in that face, wherever it stands; a place alone is its own characters. */
    private static List<Edit> edits(Examination exam, List<Paragraph> paragraphs, Cause cause) {
        BodyType body = exam.bodyType();
        List<Holder> holders = cause.isAlone()
                ? paragraphs.stream()
                        .flatMap(paragraph -> Holder.ofCharacters(paragraph).stream())
                        .toList()
                : Holder.all(exam.paper(), Holder.Kind.CHARACTERS);
        return TypeEdits.setFace(
                cause,
                holders.stream()
                        .filter(holder ->
                                holder.format().get(CharacterProperties.FACE).equals(body.face()))
                        .toList(),
                body.targetFace());
    }
}
