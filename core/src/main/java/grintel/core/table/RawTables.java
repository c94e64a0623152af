package grintel.core.table;

import grintel.core.guide.Guide;
import grintel.core.guide.demand.CaseStyle;
import grintel.core.language.TitleCase;
import grintel.core.table.MadeTable.Head;
import grintel.core.table.TableMaker.Kind;
import grintel.core.table.statistics.Anova;
import grintel.core.table.statistics.Association;
import grintel.core.table.statistics.Correlation;
import grintel.core.table.statistics.MeanTest;
import grintel.core.table.statistics.NotComputableException;
import grintel.core.table.statistics.Reliability;
import grintel.core.table.statistics.Sample;
import grintel.core.table.statistics.Variances;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Tables computed of raw data: a person a row, a variable a column. */
final class RawTables {
    private static final double LEVEL = 0.05;

    private final Forms forms;
    private final NumberForm figure;
    private final CaseStyle style;
    private final List<Variable> measures;
    private final List<Variable> groups;
    private final boolean intervals;
    private final @Nullable Boolean equalVariances;
    private final List<String> remarks = new ArrayList<>();
    /** Why a row of a test was chosen, empty where there was no choice. */
    private String reason = "";

    RawTables(Guide guide, TableMaker.Wish wish, List<Variable> measures, List<Variable> groups) {
        this.intervals = wish.intervals();
        this.forms = new Forms(guide, wish.asterisks());
        this.figure = forms.figure();
        this.style = guide.titleCase();
        this.measures = measures;
        this.groups = groups;
        this.equalVariances = wish.equalVariances();
    }

    /** The kinds of tables that these variables allow, the likeliest first. */
    static List<Kind> possible(List<Variable> measures, List<Variable> groups) {
        List<Kind> out = new ArrayList<>();
        if (!measures.isEmpty() && !groups.isEmpty()) {
            int levels = groups.get(0).levels().size();
            if (levels == 2) {
                out.add(Kind.GROUPS);
            }
            out.add(Kind.ANOVA);
        }
        if (!measures.isEmpty()) {
            out.add(Kind.DESCRIPTIVES);
        }
        if (measures.size() > 1) {
            out.add(Kind.CORRELATIONS);
            out.add(Kind.PAIRS);
            out.add(Kind.RELIABILITY);
        }
        if (groups.size() > 1) {
            out.add(Kind.CROSSTAB);
        }
        if (!groups.isEmpty()) {
            out.add(Kind.FREQUENCIES);
        }
        return out;
    }

    List<String> remarks() {
        return remarks;
    }

    String reason() {
        return reason;
    }

    MadeTable make(Kind kind) {
        return switch (kind) {
            case DESCRIPTIVES -> descriptives();
            case GROUPS -> groupsCompared();
            case PAIRS -> pairs();
            case ANOVA -> anova();
            case CORRELATIONS -> correlations();
            case CROSSTAB -> crosstab();
            case FREQUENCIES -> frequencies();
            case RELIABILITY -> reliability();
            case PLAIN, COEFFICIENTS, COMPARISONS ->
                throw new NotPossible("These are raw data; choose what is to be told of them.");
        };
    }

    private static final class NotPossible extends IllegalArgumentException {
        NotPossible(String why) {
            super(why);
        }
    }

    /** Words in the title case of the guide. */
    private String titled(String words) {
        return TitleCase.of(words, style, place -> false);
    }

    private String measureNames() {
        return measures.size() == 1 ? measures.get(0).name() : measures.size() <= 3 ? joined(measures) : "All Measures";
    }

    private static String joined(List<Variable> all) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < all.size(); i++) {
            out.append(i == 0 ? "" : i == all.size() - 1 ? " and " : ", ")
                    .append(all.get(i).name());
        }
        return out.toString();
    }

    // ---- the kinds

    private MadeTable descriptives() {
        List<String> heads = new ArrayList<>(
                List.of("Measure", figure.symbol("n"), forms.m(), forms.sd(), figure.symbol("Mdn"), "Min", "Max"));
        if (intervals) {
            heads.add(4, Forms.INTERVAL);
        }
        List<List<String>> rows = new ArrayList<>();
        for (Variable measure : measures) {
            Sample sample = measure.sample();
            if (sample.n() == 0) {
                remarks.add(measure.name() + " holds no number and is left out.");
                continue;
            }
            List<String> row = new ArrayList<>(List.of(
                    measure.name(),
                    Integer.toString(sample.n()),
                    figure.number(sample.mean()),
                    sample.n() < 2 ? "—" : figure.number(sample.sd()),
                    figure.number(sample.median()),
                    figure.number(sample.least()),
                    figure.number(sample.most())));
            if (intervals) {
                Sample.Interval interval = sample.n() < 2 ? null : sample.ofMean(1 - LEVEL);
                row.add(4, interval == null ? "—" : forms.interval(interval.lower(), interval.upper()));
            }
            rows.add(row);
        }
        return new MadeTable(
                titled("descriptive statistics of " + measureNames()),
                MadeTable.plainHeads(heads),
                rows,
                intervals ? List.of("CI = confidence interval of the mean.") : List.of(),
                "");
    }

    private MadeTable groupsCompared() {
        Variable group = groups.get(0);
        if (group.levels().size() != 2) {
            throw new NotPossible(group.name() + " sorts into " + group.levels().size()
                    + " groups; this comparison takes two. Choose the analysis of variance.");
        }
        List<Comparison> all = new ArrayList<>();
        int welch = 0;
        for (Variable measure : measures) {
            List<Sample> samples = new ArrayList<>(measure.by(group).values());
            Anova levene = Variances.levene(samples);
            boolean equal = equalVariances == null ? levene.p() >= LEVEL : equalVariances;
            welch += equal ? 0 : 1;
            MeanTest test = equal
                    ? MeanTest.student(samples.get(0), samples.get(1))
                    : MeanTest.welch(samples.get(0), samples.get(1));
            all.add(Comparison.of(
                    measure.name(),
                    Comparison.Side.of(group.levels().get(0), samples.get(0)),
                    Comparison.Side.of(group.levels().get(1), samples.get(1)),
                    test));
        }
        reason = equalVariances != null
                ? "The variances are taken for " + (equalVariances ? "equal" : "unequal") + ", as you chose."
                : welch == 0
                        ? "Levene’s test, of deviations from the mean, found no difference of variances at .05; Student’s test stands."
                        : welch == all.size()
                                ? "Levene’s test, of deviations from the mean, found the variances to differ at .05; Welch’s test stands."
                                : "Levene’s test, of deviations from the mean, decided row by row at .05 between Student’s and Welch’s test.";
        List<String> notes = welch == 0
                ? List.of()
                : List.of(
                        welch == all.size()
                                ? "Degrees of freedom are adjusted for unequal variances."
                                : "Degrees of freedom with decimals are adjusted for unequal variances.");
        return forms.compared(titled(group.name() + " differences in " + measureNames()), all, notes, intervals);
    }

    private MadeTable pairs() {
        if (measures.size() % 2 != 0) {
            throw new NotPossible("Pairs take measures two by two; there are " + measures.size()
                    + ". Leave one out, or take one more.");
        }
        List<Comparison> all = new ArrayList<>();
        for (int i = 0; i < measures.size(); i += 2) {
            List<Sample> pair = measures.get(i).pairedWith(measures.get(i + 1));
            MeanTest test = MeanTest.paired(pair.get(0), pair.get(1));
            all.add(Comparison.of(
                    measures.get(i).name() + " – " + measures.get(i + 1).name(),
                    Comparison.Side.of("First", pair.get(0)),
                    Comparison.Side.of("Second", pair.get(1)),
                    test));
        }
        return forms.compared(
                titled("differences within pairs of " + measureNames()),
                all,
                List.of("Tests are of pairs; " + figure.symbol("d") + " is in standard deviations of the differences."),
                intervals);
    }

    private MadeTable anova() {
        Variable group = groups.get(0);
        List<String> levels = group.levels();
        List<Head> upper = new ArrayList<>(List.of(Head.of("")));
        List<Head> lower = new ArrayList<>(List.of(Head.of("Measure")));
        for (String level : levels) {
            upper.add(new Head(level, 2));
            lower.add(Head.of(forms.m()));
            lower.add(Head.of(forms.sd()));
        }
        for (String symbol : List.of(figure.symbol("F"), figure.symbol("p"), "η²")) {
            upper.add(Head.of(""));
            lower.add(Head.of(symbol));
        }
        List<List<String>> rows = new ArrayList<>();
        List<Double> all = new ArrayList<>();
        List<String> degrees = new ArrayList<>();
        String report = "";
        for (Variable measure : measures) {
            Map<String, Sample> sorted = measure.by(group);
            Anova anova = Anova.of(List.copyOf(sorted.values()));
            List<String> row = new ArrayList<>(List.of(measure.name()));
            sorted.values().forEach(sample -> {
                row.add(figure.number(sample.mean()));
                row.add(figure.number(sample.sd()));
            });
            row.add(forms.marked(figure.number(anova.f()), anova.p()));
            row.add(figure.probability(anova.p()));
            row.add(figure.bounded(anova.etaSquared(), 2));
            rows.add(row);
            all.add(anova.p());
            String of = anova.dfBetween() + ", " + anova.dfWithin();
            if (!degrees.contains(of)) {
                degrees.add(of);
            }
            if (report.isEmpty()) {
                report = figure.symbol("F") + "(" + of + ") = " + figure.number(anova.f()) + ", "
                        + figure.said(anova.p()) + ", η² = " + figure.bounded(anova.etaSquared(), 2);
            }
        }
        List<String> notes = new ArrayList<>(List.of("Degrees of freedom are " + String.join("; ", degrees) + "."));
        forms.addAsterisks(notes, all);
        return new MadeTable(
                titled(group.name() + " differences in " + measureNames()), List.of(upper, lower), rows, notes, report);
    }

    private MadeTable correlations() {
        int k = measures.size();
        double[][] r = new double[k][k];
        double[][] p = new double[k][k];
        List<double[]> middle = new ArrayList<>();
        int least = Integer.MAX_VALUE;
        int most = 0;
        for (int i = 0; i < k; i++) {
            Sample sample = measures.get(i).sample();
            middle.add(new double[] {sample.mean(), sample.sd()});
            for (int j = 0; j < i; j++) {
                List<Sample> pair = measures.get(i).pairedWith(measures.get(j));
                Correlation found = Correlation.pearson(pair.get(0), pair.get(1));
                r[i][j] = found.r();
                p[i][j] = found.p();
                least = Math.min(least, found.n());
                most = Math.max(most, found.n());
            }
        }
        String n = figure.symbol("N") + " = " + (least == most ? least + "." : least + " to " + most + ", by pairs.");
        return forms.correlated(
                titled("means, standard deviations, and correlations of " + measureNames()),
                measures.stream().map(Variable::name).toList(),
                r,
                p,
                middle,
                List.of(n));
    }

    private MadeTable crosstab() {
        Variable first = groups.get(0);
        Variable second = groups.get(1);
        List<String> down = first.levels();
        List<String> across = second.levels();
        long[][] counts = new long[down.size()][across.size()];
        for (int i = 0; i < first.cells().size(); i++) {
            int row = down.indexOf(first.cells().get(i));
            int column = across.indexOf(second.cells().get(i));
            if (row >= 0 && column >= 0) {
                counts[row][column]++;
            }
        }
        List<Head> upper = new ArrayList<>(List.of(Head.of("")));
        List<Head> lower = new ArrayList<>(List.of(Head.of(first.name())));
        for (String level : across) {
            upper.add(new Head(level, 2));
            lower.add(Head.of(figure.symbol("n")));
            lower.add(Head.of("%"));
        }
        List<List<String>> rows = new ArrayList<>();
        for (int i = 0; i < down.size(); i++) {
            List<String> row = new ArrayList<>(List.of(down.get(i)));
            long sum = 0;
            for (long count : counts[i]) {
                sum += count;
            }
            for (long count : counts[i]) {
                row.add(Long.toString(count));
                row.add(sum == 0 ? "—" : figure.number(100.0 * count / sum, 1));
            }
            rows.add(row);
        }
        Association test = Association.of(counts);
        if (test.fewExpected() > 0) {
            remarks.add(
                    "In " + test.fewExpected() + " cells fewer than five are expected; the test is a rough one there.");
        }
        String sentence = "χ²(" + test.df() + ", " + figure.symbol("N") + " = " + test.n() + ") = "
                + figure.number(test.chiSquared()) + ", " + figure.said(test.p()) + ", " + figure.symbol("V") + " = "
                + figure.bounded(test.v(), 2);
        return new MadeTable(
                titled(first.name() + " by " + second.name()),
                List.of(upper, lower),
                rows,
                List.of("Percentages are of rows. " + sentence + "."),
                sentence);
    }

    private MadeTable frequencies() {
        List<List<String>> rows = new ArrayList<>();
        for (Variable group : groups) {
            if (groups.size() > 1) {
                rows.add(List.of(group.name(), "", ""));
            }
            long all = group.cells().stream()
                    .filter(cell -> !Numeral.isMissing(cell))
                    .count();
            for (String level : group.levels()) {
                long count = group.cells().stream().filter(level::equals).count();
                rows.add(List.of(level, Long.toString(count), figure.number(100.0 * count / all, 1)));
            }
        }
        String name = joined(groups);
        return new MadeTable(
                titled("frequencies of " + name),
                MadeTable.plainHeads(List.of(groups.size() == 1 ? name : "Characteristic", figure.symbol("n"), "%")),
                rows,
                List.of(),
                "");
    }

    private MadeTable reliability() {
        List<Sample> items = Variable.complete(measures);
        Reliability found = Reliability.of(items);
        List<Double> means = new ArrayList<>();
        for (int person = 0; person < found.n(); person++) {
            double sum = 0;
            for (Sample item : items) {
                sum += item.values().get(person);
            }
            means.add(sum / items.size());
        }
        Sample scale = Sample.of("The scale", means);
        if (found.alpha() < 0) {
            remarks.add("Alpha is below 0: items that are scored in reverse may not have been turned.");
        }
        return new MadeTable(
                titled("reliability of the scale"),
                MadeTable.plainHeads(List.of("Scale", "Items", figure.symbol("n"), forms.m(), forms.sd(), "α")),
                List.of(List.of(
                        "Scale",
                        Integer.toString(found.items()),
                        Integer.toString(found.n()),
                        figure.number(scale.mean()),
                        figure.number(scale.sd()),
                        figure.bounded(found.alpha(), 2))),
                List.of("Mean and standard deviation are of persons’ means over the items."),
                "α = " + figure.bounded(found.alpha(), 2));
    }

    /** Why a table cannot be made, or null. */
    static @Nullable String whyNot(RuntimeException e) {
        return e instanceof NotComputableException || e instanceof NotPossible ? e.getMessage() : null;
    }
}
