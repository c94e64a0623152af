package grintel.core.rule.tables;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/** Probabilities are exact to two or three places; below .001 they are said to be so. */
public final class TablesPValuesRule implements Rule {
    private static final double LEAST = 0.001;
    private static final int FEWEST = 2;
    private static final int MOST = 3;
    private static final Measure PLACES = Measure.word("two-or-three-places");

    @Override
    public String id() {
        return "tables.p-values";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Figures.Figure> all = Figures.of(exam)
                .filter(figure -> figure.quantity() == Figures.Quantity.PROBABILITY && figure.value() <= 1);
        boolean zeros = !exam.ask("tables.leading-zero").isAsked();
        return all.check(id(), "probability")
                .measure(figure -> isRight(figure) ? PLACES : new Measure.Quote(figure.said()))
                .asksOf(figure ->
                        isRight(figure) || !isMendable(figure) ? PLACES : new Measure.Quote(inForm(figure, zeros)))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .map(figure -> figure.saying(inForm(figure, zeros)))
                                .toList())
                .fixable(TablesPValuesRule::isMendable)
                .readings();
    }

    private static boolean isRight(Figures.Figure figure) {
        if (figure.sign().equals("<") || figure.sign().equals(">")) {
            return figure.places() <= MOST || figure.value() >= LEAST;
        }
        if (figure.value() == 1 && figure.places() == 0) {
            return true;
        }
        return figure.value() >= LEAST && figure.places() >= FEWEST && figure.places() <= MOST;
    }

    /** Digits that are not there cannot be told. */
    private static boolean isMendable(Figures.Figure figure) {
        return figure.places() > MOST || figure.value() < LEAST && figure.places() == MOST;
    }

    /** @param zeros whether a zero before the point may stay where there is one */
    private static String inForm(Figures.Figure figure, boolean zeros) {
        String point = zeros && figure.digits().startsWith("0") ? "0" : "";
        if (figure.value() < LEAST) {
            return "< " + point + ".001";
        }
        String rounded = new BigDecimal(figure.digits().replace(',', '.'))
                .setScale(MOST, RoundingMode.HALF_UP)
                .toPlainString();
        if (figure.value() < 1 && rounded.startsWith("1")) {
            return "> " + point + ".999";
        }
        String before = figure.said().substring(0, figure.at() - figure.from());
        return before + (point.isEmpty() && rounded.startsWith("0") ? rounded.substring(1) : rounded);
    }
}
