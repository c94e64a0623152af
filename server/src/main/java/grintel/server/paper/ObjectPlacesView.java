package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.made.ObjectPlaces;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Quotes;
import java.util.List;
import java.util.function.Function;

/**
 * Where a table or a figure can come into a paper.
 *
 * @param likeliest index of the paragraph after which it most likely belongs, -1 for none
 */
record ObjectPlacesView(List<ObjectPlaceView> places, int likeliest) {
    static ObjectPlacesView of(Report report, Function<Examination, ObjectPlaces> kind) {
        ObjectPlaces all = kind.apply(report.examination());
        List<ObjectPlaces.Place> places = all.all();
        return new ObjectPlacesView(
                places.stream()
                        .map(place -> ObjectPlaceView.of(report, all, place))
                        .toList(),
                all.likeliest(places));
    }

    /**
     * A place after a paragraph.
     *
     * @param words the paragraph's first words
     * @param named whether the text names the number already
     * @param mention what would be added to the paragraph to name it
     */
    record ObjectPlaceView(int paragraph, int page, String words, int number, boolean named, String mention) {
        static ObjectPlaceView of(Report report, ObjectPlaces all, ObjectPlaces.Place place) {
            Paragraph paragraph = report.paper().paragraphs().get(place.paragraph());
            return new ObjectPlaceView(
                    place.paragraph(),
                    Math.max(1, report.proof().pageOf(paragraph.address())),
                    Quotes.first(paragraph.text()),
                    place.number(),
                    place.named(),
                    all.mention(place.number()));
        }
    }
}
