package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Quotes;
import grintel.core.table.TableInsertion;
import java.util.List;

/**
 * Where a table can come into a paper.
 *
 * @param likeliest index of the paragraph after which it most likely belongs, -1 for none
 */
record TablePlacesView(List<TablePlaceView> places, int likeliest) {
    static TablePlacesView of(Report report) {
        TableInsertion insertion = new TableInsertion(report.examination());
        List<TableInsertion.Place> places = insertion.places();
        return new TablePlacesView(
                places.stream()
                        .map(place -> TablePlaceView.of(report, insertion, place))
                        .toList(),
                insertion.likeliest(places));
    }

    /**
     * A place after a paragraph.
     *
     * @param words the paragraph's first words
     * @param named whether the text names the number already
     * @param mention what would be added to the paragraph to name it
     */
    record TablePlaceView(int paragraph, int page, String words, int number, boolean named, String mention) {
        static TablePlaceView of(Report report, TableInsertion insertion, TableInsertion.Place place) {
            Paragraph paragraph = report.paper().paragraphs().get(place.paragraph());
            return new TablePlaceView(
                    place.paragraph(),
                    Math.max(1, report.proof().pageOf(paragraph.address())),
                    Quotes.first(paragraph.text()),
                    place.number(),
                    place.named(),
                    insertion.mention(place.number()));
        }
    }
}
