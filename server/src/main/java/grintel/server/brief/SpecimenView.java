package grintel.server.brief;

import grintel.core.compose.FactsNeeded;
import grintel.core.compose.Specimen;
import grintel.core.compose.SpecimenNotes;
import grintel.core.guide.Ask;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.Station;
import grintel.core.rule.Units;
import grintel.core.structure.PartKind;
import grintel.server.page.LayoutView;
import grintel.server.page.StrokesView;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The pages of a brief as they must look.
 *
 * @param strokes what each station measures on them
 * @param notes what is said beside them, in order of work
 * @param opening number of the page the text begins on
 * @param needs names of the facts the guide has a place for
 * @param shortTitleMost most characters of a short title; missing where none is asked for
 */
public record SpecimenView(
        LayoutView layout,
        List<StationStrokes> strokes,
        List<NoteView> notes,
        int opening,
        List<String> needs,

        @Nullable Integer shortTitleMost) {
    /** As the web application draws it. */
    public static SpecimenView of(Specimen specimen, Units units) {
        Guide guide = specimen.report().brief().guide();
        Ask length = guide.ask("running-head.length");
        return new SpecimenView(
                LayoutView.of(specimen.report(), "specimen", 1),
                Arrays.stream(Station.values())
                        .map(station -> new StationStrokes(
                                station.id(), StrokesView.of(specimen.report(), station.id(), units)))
                        .filter(each -> !each.strokes().pages().isEmpty())
                        .toList(),
                specimen.notes().stream().map(NoteView::of).toList(),
                opening(specimen),
                FactsNeeded.of(guide),
                length.isAsked() ? length.find(RunningHeadDemands.CHARACTERS) : null);
    }

    private static int opening(Specimen specimen) {
        return specimen.report().parts().paragraphs(PartKind.PARAGRAPH).stream()
                .flatMap(paragraph -> specimen.report().proof().lines(paragraph.address()).stream())
                .mapToInt(placed -> placed.page().number())
                .findFirst()
                .orElse(1);
    }

    /** What a station measures. */
    public record StationStrokes(String station, StrokesView strokes) {}

    /** A note beside a page. */
    public record NoteView(int page, String rule, String text, String source) {
        static NoteView of(SpecimenNotes.Note note) {
            return new NoteView(note.page(), note.rule(), note.text(), note.source());
        }
    }
}
