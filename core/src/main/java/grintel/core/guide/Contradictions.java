package grintel.core.guide;

import grintel.core.guide.demand.NoteDemands;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.FirstPage;
import grintel.core.guide.demand.RunningHeadDemands.Labelled;
import grintel.core.guide.demand.RunningHeadDemands.NumberedFrom;
import grintel.core.guide.demand.RunningHeadDemands.Words;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.demand.TypeDemands;
import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Finds what house rules ask that cannot be met at once, or asks in vain. */
public final class Contradictions {
    /** Twips: with less between the margins there is no paper. */
    private static final int LEAST_ROOM = 2880;

    private final Guide guide;

    private Contradictions(Guide guide) {
        this.guide = guide;
    }

    /** The contradictions that house rules bring into a guide: those it has without them are its own affair. */
    public static List<Contradiction> between(Guide guide, Guide house) {
        Contradictions before = new Contradictions(guide);
        Contradictions after = new Contradictions(house);
        return Arrays.stream(Contradiction.values())
                .filter(each -> after.holds(each) && !before.holds(each))
                .toList();
    }

    private boolean holds(Contradiction contradiction) {
        return switch (contradiction) {
            case SHORT_TITLE_MEASURED_BUT_NOT_SHOWN -> asks("running-head.length") && headWords() != Words.SHORT_TITLE;
            case LABEL_WITHOUT_WORDS -> isLabelled() && headWords() == Words.NONE;
            case LABEL_ON_A_PAGE_WITHOUT_HEADER ->
                isLabelled() && find("running-head.first-page", RunningHeadDemands.FIRST_PAGE) != FirstPage.SAME;
            case TITLE_PAGE_LINES_WITHOUT_TITLE_PAGE ->
                asks("opening.title-page-parts") && Boolean.FALSE.equals(titlePage());
            case HEADING_LINES_BESIDE_TITLE_PAGE -> asks("opening.heading-block") && Boolean.TRUE.equals(titlePage());
            case NUMBERS_FROM_TEXT_WITHOUT_TITLE_PAGE ->
                find("running-head.number-start", RunningHeadDemands.FROM) == NumberedFrom.TEXT
                        && Boolean.FALSE.equals(titlePage());
            case ABSTRACT_LIMITS ->
                isAbove(
                        find("opening.abstract", OpeningDemands.MIN_WORDS),
                        find("opening.abstract", OpeningDemands.MAX_WORDS));
            case SIZE_LIMITS -> isAbove(find("type.size", TypeDemands.MIN), find("type.size", TypeDemands.MAX));
            case FACE_WITHOUT_SIZE -> hasFaceWithoutSize();
            case HEADER_IN_THE_TEXT ->
                twips("sheet.header-distance", SheetDemands.HEADER) >= twips("sheet.margins", SheetDemands.TOP);
            case NO_ROOM_FOR_TEXT ->
                room(SheetDemands.WIDTH, SheetDemands.LEFT, SheetDemands.RIGHT) < LEAST_ROOM
                        || room(SheetDemands.HEIGHT, SheetDemands.TOP, SheetDemands.BOTTOM) < LEAST_ROOM;
            case NOTES_PAGE_FOR_FOOTNOTES ->
                asks("notes.page") && find("notes.kind", NoteDemands.KIND) == NoteDemands.Kind.FOOTNOTES;
        };
    }

    private boolean asks(String rule) {
        return guide.ask(rule).isAsked();
    }

    /** What is asked, or null where nothing is. */
    private <T> @Nullable T find(String rule, Value<T> value) {
        return asks(rule) ? guide.ask(rule).find(value) : null;
    }

    private @Nullable Boolean titlePage() {
        return find("opening.title-page", OpeningDemands.TITLE_PAGE);
    }

    private @Nullable Words headWords() {
        return find("running-head.text", RunningHeadDemands.CONTENT);
    }

    private boolean isLabelled() {
        return find("running-head.label", RunningHeadDemands.PAGES) == Labelled.FIRST;
    }

    private static boolean isAbove(@Nullable Integer least, @Nullable Integer most) {
        return least != null && most != null && least > most;
    }

    private boolean hasFaceWithoutSize() {
        List<String> faces = find("type.face", TypeDemands.FACES);
        return faces != null
                && asks("type.size")
                && find("type.size", TypeDemands.MIN) == null
                && faces.stream()
                        .anyMatch(face ->
                                !guide.ask("type.size").get(TypeDemands.SIZES).containsKey(face));
    }

    private double room(Value<Length> side, Value<Length> one, Value<Length> other) {
        return twips("sheet.size", side) - twips("sheet.margins", one) - twips("sheet.margins", other);
    }

    private double twips(String rule, Value<Length> value) {
        Length length = guide.ask(rule).find(value);
        return length == null ? 0 : length.twips();
    }
}
