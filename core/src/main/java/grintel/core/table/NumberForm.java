package grintel.core.table;

import grintel.core.guide.Guide;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** How a guide has numbers and the symbols of statistics written. */
final class NumberForm {
    private static final double LEAST = 0.001;
    private static final int PLACES = 2;

    private final boolean zero;
    private final boolean slanted;

    NumberForm(Guide guide) {
        zero = !guide.ask("tables.leading-zero").isAsked();
        slanted = guide.ask("tables.symbols").isAsked();
    }

    /** A number to two places. */
    String number(double value) {
        return number(value, PLACES);
    }

    String number(double value, int places) {
        String plain =
                BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP).toPlainString();
        boolean nothing = plain.matches("-0(?:\\.0+)?");
        return nothing ? plain.substring(1) : plain.replace('-', '\u2212');
    }

    /** A number that cannot exceed 1, to so many places. */
    String bounded(double value, int places) {
        String plain = number(value, places);
        return zero ? plain : plain.replaceFirst("^(\u2212?)0(?=\\.)", "$1");
    }

    /** A probability: to three places, or less than the least that is told. */
    String probability(double p) {
        return p < LEAST ? "< " + (zero ? "0" : "") + ".001" : bounded(p, 3);
    }

    /** A probability as a sentence has it: {@code p = .024}. */
    String said(double p) {
        String told = probability(p);
        return symbol("p") + (told.startsWith("<") ? " " : " = ") + told;
    }

    /** Degrees of freedom: whole, or to two places. */
    String degrees(double df) {
        return df == Math.rint(df) ? number(df, 0) : number(df);
    }

    /** A symbol of Latin letters. */
    String symbol(String letters) {
        return slanted ? "_" + letters + "_" : letters;
    }

    /** What asterisks say of a probability; empty for one that is not small. */
    static String asterisks(double p) {
        return p < 0.001 ? "***" : p < 0.01 ? "**" : p < 0.05 ? "*" : "";
    }

    /** The note on asterisks, as far as any of these probabilities has some. */
    String asteriskNote(Iterable<Double> all) {
        double least = 1;
        for (double p : all) {
            least = Math.min(least, p);
        }
        StringBuilder out = new StringBuilder();
        String[] limits = {"05", "01", "001"};
        for (int i = 0; i < limits.length && least < Double.parseDouble("0." + limits[i]); i++) {
            out.append(out.isEmpty() ? "" : " ")
                    .append("*".repeat(i + 1))
                    .append(symbol("p"))
                    .append(" < ")
                    .append(zero ? "0." : ".")
                    .append(limits[i])
                    .append('.');
        }
        return out.toString();
    }
}
