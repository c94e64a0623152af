package grintel.core.rule.type;

import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.TypeDemands;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
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
        Quantity is = Quantity.words(body.face());
        if (body.facePermitted()) {
            return List.of(Reading.met(id(), "face", is, asked(ask)));
        }
        List<Paragraph> places = exam.paper().paragraphs().stream()
                .filter(paragraph -> TypeFixes.isSetText(exam.role(paragraph)))
                .filter(paragraph -> paragraph.texts().stream()
                        .anyMatch(text ->
                                text.format().get(CharacterProperties.FACE).equals(body.face())))
                .toList();
        List<Holder> holders = Holder.all(exam.paper(), Holder.Kind.CHARACTERS).stream()
                .filter(holder -> holder.format().get(CharacterProperties.FACE).equals(body.face()))
                .toList();
        return List.of(Reading.off(
                id(),
                "face",
                is,
                asked(ask),
                exam.places(places),
                TypeFixes.setFace(exam, holders, BodyType.firstFace(ask))));
    }

    private static Quantity asked(Ask ask) {
        List<String> faces = ask.get(TypeDemands.FACES);
        return Quantity.words(faces.isEmpty() ? "any legible face" : String.join(", ", faces));
    }
}
