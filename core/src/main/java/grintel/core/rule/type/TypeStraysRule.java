package grintel.core.rule.type;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Characters whose face or size is not that of the text. Code, symbols, tables, figures and notes are left to their own
 * rules.
 */
public final class TypeStraysRule implements Rule {
    @Override
    public String id() {
        return "type.strays";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        BodyType body = exam.bodyType();
        Quantity asked = type(body.targetFace(), body.targetSize());
        Map<Quantity, List<Stray>> strays = new LinkedHashMap<>();
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            if (!TypeFixes.isSetText(exam.role(paragraph))) {
                continue;
            }
            for (Inline.Text text : paragraph.texts()) {
                String face = text.format().get(CharacterProperties.FACE);
                int size = text.format().get(CharacterProperties.SIZE);
                boolean same = face.equals(body.face()) && size == body.size();
                if (!same && text.run().number() >= 0 && counts(text, face)) {
                    strays.computeIfAbsent(type(face, size), key -> new ArrayList<>())
                            .add(new Stray(paragraph, text));
                }
            }
        }
        if (strays.isEmpty()) {
            return List.of(Reading.met(id(), "type", asked, asked));
        }
        List<Reading> readings = new ArrayList<>();
        strays.forEach((is, found) ->
                readings.add(Reading.off(id(), "type", is, asked, places(exam, found), edits(exam, found))));
        return readings;
    }

    private static boolean counts(Inline.Text text, String face) {
        return TypeFixes.holdsLetters(text)
                && !TypeFixes.isOddFace(face)
                && text.format().get(CharacterProperties.VERTICAL_POSITION) == VerticalPosition.BASELINE;
    }

    private static List<Place> places(Examination exam, List<Stray> strays) {
        List<Place> places = new ArrayList<>();
        Paragraph last = null;
        for (Stray stray : strays) {
            if (stray.paragraph().equals(last)) {
                continue;
            }
            places.add(exam.place(stray.paragraph(), stray.text().text()));
            last = stray.paragraph();
        }
        return places;
    }

    private static List<Edit> edits(Examination exam, List<Stray> strays) {
        BodyType body = exam.bodyType();
        List<Holder> wrongFace = new ArrayList<>();
        List<Holder> wrongSize = new ArrayList<>();
        for (Stray stray : strays) {
            Holder holder = Holder.ofRun(stray.paragraph(), stray.text());
            if (!holder.format().get(CharacterProperties.FACE).equals(body.face())) {
                wrongFace.add(holder);
            }
            if (holder.format().get(CharacterProperties.SIZE) != body.size()) {
                wrongSize.add(holder);
            }
        }
        List<Edit> edits = new ArrayList<>();
        if (!wrongFace.isEmpty()) {
            edits.addAll(TypeFixes.setFace(exam, wrongFace, body.targetFace()));
        }
        if (!wrongSize.isEmpty()) {
            edits.addAll(TypeFixes.setSize(exam, wrongSize, body.targetSize()));
        }
        return edits;
    }

    private static Quantity type(String face, int size) {
        return Quantity.words(face + " " + Quantity.points(size / 2.0).text());
    }

    private record Stray(Paragraph paragraph, Inline.Text text) {}
}
