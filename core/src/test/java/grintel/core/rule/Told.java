package grintel.core.rule;

import grintel.core.check.Report;
import grintel.core.edit.EditSummary;
import grintel.core.edit.WordChange;
import grintel.core.guide.demand.Station;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.ProofPage;

/** All that a rule says of a paper, in lines. */
final class Told {
    private Told() {}

    static String of(String rule, Report report) {
        StringBuilder out = new StringBuilder(report.brief().guide().id())
                .append(": ")
                .append(report.verdict(rule).status());
        for (Reading reading : report.verdict(rule).readings()) {
            out.append("\n- ").append(Wording.name(reading)).append(": ").append(Wording.told(reading.is()));
            out.append(" | ").append(Wording.told(reading.asked()));
            if (reading.off()) {
                out.append("\n  ").append(Wording.message(reading));
                out.append("\n  ").append(inTheMargin(reading));
                out.append("\n  ").append(reading.key());
                reading.spots().forEach(spot -> out.append("\n  ").append(told(spot)));
                EditSummary.of(report.paper(), reading.fix().edits())
                        .forEach(item -> out.append("\n  → ").append(Wording.told(item)));
                reading.fix().words().forEach(words -> out.append("\n  ✎ ").append(told(words)));
            }
        }
        for (ProofPage page : report.proof().pages()) {
            report.strokes(Station.of(rule), page).stream()
                    .filter(stroke -> stroke.reading() != null)
                    .filter(stroke -> report.verdict(rule).findings().stream()
                            .anyMatch(each -> each.key().equals(stroke.reading())))
                    .forEach(stroke -> out.append("\n  ⟷ ").append(drawn(stroke)));
        }
        return out.toString();
    }

    /** What a corrector draws and writes beside the page, and by how much a reading is off. */
    private static String inTheMargin(Reading reading) {
        String out = Wording.sign(reading) + " “" + Wording.note(reading, Units.CENTIMETRES) + "”";
        String edge = Wording.edge(reading);
        String by = Wording.difference(reading, Units.INCHES);
        return out + (edge.isEmpty() ? "" : " " + edge) + (by.isEmpty() ? "" : ", " + by);
    }

    private static String told(Spot spot) {
        Place place = spot.place();
        return "p. %d, %s %d “%s”, %s (%s)"
                .formatted(place.page(), place.part(), place.paragraph(), place.quote(), spot.fix(), spot.anchor());
    }

    private static String told(WordChange words) {
        String before = Wording.shown(words.before());
        return words.kind() == WordChange.Kind.MOVED
                ? Wording.told(words.where()) + ": “" + before + "” moves"
                : Wording.told(words.where()) + ": “" + before + "” → “" + Wording.shown(words.after()) + "”";
    }

    /** A stroke in points: what it measures, from where to where, what is asked, in which band, and what is said of it. */
    static String drawn(Stroke stroke) {
        StringBuilder out = new StringBuilder(stroke.quantity());
        out.append(stroke.axis() == Stroke.Axis.ACROSS ? " across " : " down ");
        out.append(points(stroke.from())).append(" to ").append(points(stroke.to()));
        if (stroke.asked() != null) {
            out.append(", asked ").append(points(stroke.asked()));
        }
        out.append(", between ").append(points(stroke.near())).append(" and ").append(points(stroke.far()));
        if (stroke.is() != null && stroke.ought() != null) {
            out.append(", ").append(Wording.told(stroke.is())).append(" for ").append(Wording.told(stroke.ought()));
        }
        return stroke.reading() == null ? out.toString() : out + ", read";
    }

    private static String points(int millipoints) {
        double points = Millipoints.toPoints(millipoints);
        return points == Math.rint(points) ? String.valueOf((int) points) : String.valueOf(points);
    }
}
