package grintel.core.table;

import grintel.core.guide.Guide;
import grintel.core.table.MadeTable.Head;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The shapes of tables that several kinds of figures share: what columns a reader needs, under which heads. */
final class Forms {
    /** The head over intervals. */
    static final String INTERVAL = "95% CI";

    private final NumberForm figure;
    private final boolean asterisks;

    Forms(Guide guide, boolean asterisks) {
        this.figure = new NumberForm(guide);
        this.asterisks = asterisks;
    }

    NumberForm figure() {
        return figure;
    }

    // ---- two means

    /**
     * A row a measure, the two sides under heads that span their figures.
     *
     * @param intervals whether those of the differences are shown, as far as they are known
     */
    MadeTable compared(String title, List<Comparison> all, List<String> further, boolean intervals) {
        Comparison first = all.get(0);
        boolean same = all.stream()
                .allMatch(each -> each.first().n() == first.first().n()
                        && each.second().n() == first.second().n());
        boolean named = all.stream()
                .allMatch(each -> each.first().name().equals(first.first().name())
                        && each.second().name().equals(first.second().name()));
        List<Head> upper = new ArrayList<>(List.of(
                Head.of(""),
                new Head(spanner(named ? first.first() : null, same, "First"), 2),
                new Head(spanner(named ? first.second() : null, same, "Second"), 2)));
        List<String> lower = new ArrayList<>(List.of("Measure", m(), sd(), m(), sd()));
        for (String symbol : List.of("t", "df", "p", "d")) {
            upper.add(Head.of(""));
            lower.add(figure.symbol(symbol));
        }
        boolean known = intervals && all.stream().allMatch(each -> each.interval() != null);
        if (known) {
            upper.add(Head.of(""));
            lower.add(INTERVAL);
        }
        List<List<String>> rows = new ArrayList<>();
        for (Comparison each : all) {
            List<String> row = new ArrayList<>(List.of(
                    each.name(),
                    figure.number(each.first().mean()),
                    figure.number(each.first().sd()),
                    figure.number(each.second().mean()),
                    figure.number(each.second().sd()),
                    figure.number(each.t()) + (asterisks ? NumberForm.asterisks(each.p()) : ""),
                    figure.degrees(each.df()),
                    figure.probability(each.p()),
                    figure.number(each.d())));
            if (known && each.interval() != null) {
                row.add(interval(each.interval().lower(), each.interval().upper()));
            }
            rows.add(row);
        }
        List<String> notes = new ArrayList<>(further);
        if (known) {
            notes.add("CI = confidence interval of the difference.");
        }
        if (!same) {
            notes.add(0, "Numbers of persons differ between measures.");
        }
        List<String> paragraphs = new ArrayList<>();
        if (!notes.isEmpty()) {
            paragraphs.add(String.join(" ", notes));
        }
        addAsterisks(paragraphs, all.stream().map(Comparison::p).toList());
        return new MadeTable(
                title, List.of(upper, lower.stream().map(Head::of).toList()), rows, paragraphs, sentence(first, known));
    }

    private String spanner(Comparison.@Nullable Side side, boolean counted, String otherwise) {
        if (side == null) {
            return otherwise;
        }
        return counted ? side.name() + " (" + figure.symbol("n") + " = " + side.n() + ")" : side.name();
    }

    private String sentence(Comparison each, boolean interval) {
        String told = figure.symbol("t") + "(" + figure.degrees(each.df()) + ") = " + figure.number(each.t()) + ", "
                + figure.said(each.p()) + ", " + figure.symbol("d") + " = " + figure.number(each.d());
        return interval && each.interval() != null
                ? told + ", " + INTERVAL + " of the difference "
                        + interval(each.interval().lower(), each.interval().upper())
                : told;
    }

    /** An interval as a cell has it. */
    String interval(double lower, double upper) {
        return "[" + figure.number(lower) + ", " + figure.number(upper) + "]";
    }

    // ---- correlations

    /**
     * The lower half of a square, its variables numbered.
     *
     * @param r by row and column, below the diagonal
     * @param p of each of them
     * @param middle mean and standard deviation of each, none where they are not known
     */
    MadeTable correlated(
            String title, List<String> names, double[][] r, double[][] p, List<double[]> middle, List<String> notes) {
        List<String> heads = new ArrayList<>(List.of("Variable"));
        boolean described = middle.size() == names.size();
        if (described) {
            heads.add(m());
            heads.add(sd());
        }
        for (int i = 1; i < names.size(); i++) {
            heads.add(Integer.toString(i));
        }
        List<List<String>> rows = new ArrayList<>();
        List<Double> small = new ArrayList<>();
        for (int i = 0; i < names.size(); i++) {
            List<String> row = new ArrayList<>(List.of((i + 1) + ". " + names.get(i)));
            if (described) {
                row.add(figure.number(middle.get(i)[0]));
                row.add(figure.number(middle.get(i)[1]));
            }
            for (int j = 0; j < names.size() - 1; j++) {
                if (j < i) {
                    small.add(p[i][j]);
                    row.add(figure.bounded(r[i][j], 2) + NumberForm.asterisks(p[i][j]));
                } else {
                    row.add(j == i ? "—" : "");
                }
            }
            rows.add(row);
        }
        List<String> paragraphs = new ArrayList<>();
        if (!notes.isEmpty()) {
            paragraphs.add(String.join(" ", notes));
        }
        String asterisk = figure.asteriskNote(small);
        if (!asterisk.isEmpty()) {
            paragraphs.add(asterisk);
        }
        return new MadeTable(title, MadeTable.plainHeads(heads), rows, paragraphs, "");
    }

    // ---- pieces

    String m() {
        return figure.symbol("M");
    }

    String sd() {
        return figure.symbol("SD");
    }

    /** Adds the note on asterisks where they are wanted and any was set. */
    void addAsterisks(List<String> notes, List<Double> all) {
        String note = asterisks ? figure.asteriskNote(all) : "";
        if (!note.isEmpty()) {
            notes.add(note);
        }
    }

    /** A statistic with its asterisks where they are wanted. */
    String marked(String statistic, double p) {
        return asterisks ? statistic + NumberForm.asterisks(p) : statistic;
    }
}
