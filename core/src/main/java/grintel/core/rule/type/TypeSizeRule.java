package grintel.core.rule.type;

import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** The size most of the text is set in is that permitted for its face; silent while the face is off. */
public final class TypeSizeRule implements Rule {
    @Override
    public String id() {
        return "type.size";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        BodyType body = exam.bodyType();
        Quantity is = Quantity.points(body.size() / 2.0);
        Quantity asked = Quantity.points(body.targetSize() / 2.0);
        if (!body.facePermitted() || body.size() == body.targetSize()) {
            return List.of(Reading.met(id(), "size", is, body.facePermitted() ? asked : is));
        }
        List<Paragraph> places = exam.paper().paragraphs().stream()
                .filter(paragraph -> TypeFixes.isSetText(exam.role(paragraph)))
                .filter(paragraph -> paragraph.texts().stream()
                        .anyMatch(text -> text.format().get(CharacterProperties.SIZE) == body.size()))
                .toList();
        List<Holder> holders = Holder.all(exam.paper(), Holder.Kind.CHARACTERS).stream()
                .filter(holder -> holder.format().get(CharacterProperties.SIZE) == body.size())
                .filter(holder -> !holder.paragraph().inTable())
                .filter(holder -> !holder.paragraph().address().story().kind().isNote())
                .toList();
        return List.of(Reading.off(
                id(), "size", is, asked, exam.places(places), TypeFixes.setSize(exam, holders, body.targetSize())));
    }
}
