package grintel.core.rule.type;

import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/** The size most of the text is set in is that permitted for its face; silent while the face is off. */
public final class TypeSizeRule implements Rule {
    @Override
    public String id() {
        return "type.size";
    }

    @Override
    public boolean isSilent(Examination exam, Ask ask) {
        return !exam.bodyType().facePermitted();
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        BodyType body = exam.bodyType();
        return exam.paragraphs(Kinds.SET_AS_TEXT)
                .filter(paragraph -> body.facePermitted() && holdsSize(paragraph, body.size()))
                .check(id(), "size")
                .measure(paragraph -> new Measure.Size(body.size()))
                .asks(body.askedSize(ask))
                .fix((paragraphs, cause) -> cause.set(
                        holders(exam, cause.isAlone() ? paragraphs : all(exam)),
                        CharacterProperties.SIZE,
                        body.targetSize()))
                .readings();
    }

    private static boolean holdsSize(Paragraph paragraph, int size) {
        return paragraph.texts().stream().anyMatch(text -> text.format().get(CharacterProperties.SIZE) == size);
    }

    /** The text and its headers; tables and notes have sizes of their own. */
    private static List<Paragraph> all(Examination exam) {
        List<Paragraph> all = new ArrayList<>(exam.paper().paragraphs());
        all.addAll(exam.paper().marginalParagraphs());
        return all;
    }

    private static List<Holder> holders(Examination exam, List<Paragraph> paragraphs) {
        int size = exam.bodyType().size();
        return paragraphs.stream()
                .filter(paragraph -> paragraph.address().story().kind() != Story.Kind.TEXT
                        || !exam.kind(paragraph).isOfObject())
                .flatMap(paragraph -> Holder.ofCharacters(paragraph).stream())
                .filter(holder -> holder.format().get(CharacterProperties.SIZE) == size)
                .toList();
    }
}
