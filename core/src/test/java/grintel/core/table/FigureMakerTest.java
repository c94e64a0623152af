package grintel.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grintel.core.chart.Chart;
import grintel.core.chart.Chart.Columns;
import grintel.core.chart.Chart.Scatter;
import grintel.core.chart.ChartArtist;
import grintel.core.chart.FigureBlocks;
import grintel.core.chart.MadeFigure;
import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.edit.NewImage;
import grintel.core.edit.PaperEditor;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.made.ObjectPlaces;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Reading;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import grintel.core.table.FigureMaker.Kind;
import grintel.core.table.FigureMaker.Result;
import grintel.core.table.FigureMaker.Spread;
import grintel.core.table.FigureMaker.Wish;
import grintel.core.table.TableMaker.Role;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FigureMakerTest {
    /** Two groups of three, whose means, deviations and line are worked out by hand. */
    private static final String RAW = """
            Harbour,Tide,Wind,Delay
            North,ebb,1,2
            North,flood,2,4
            North,ebb,3,6
            South,flood,4,5
            South,ebb,5,7
            South,flood,6,9
            """;

    private static final String PRINTED = """
            Group Statistics
            \tSignal\tN\tMean\tStd. Deviation\tStd. Error Mean
            Interval\tBell\t30\t4,31\t,92\t,168
            \tHorn\t28\t3,78\t,81\t,153
            """;

    /** Draws nothing, as dense as it is asked to be. */
    private static final ChartArtist BLANK = (chart, width, height) -> NewImage.drawn(
            new byte[] {1},
            chart.toString().getBytes(StandardCharsets.UTF_8),
            new Inline.Picture.Pixels(width * 25 / 6, height * 25 / 6));

    private static Guide guide(String id) {
        return Objects.requireNonNull(Guides.find(id));
    }

    private static Result made(String text, Wish wish) {
        return FigureMaker.make(SheetText.read(text), wish, guide("apa-7-student"));
    }

    private static Wish wish(@Nullable Kind kind, @Nullable Spread spread, Role... roles) {
        return new Wish(kind, List.of(roles), spread, true, false);
    }

    private static MadeFigure figure(Result result) {
        return Objects.requireNonNull(result.figure(), () -> result.remarks().toString());
    }

    private static Columns columns(Result result) {
        return (Columns) figure(result).chart();
    }

    // ---- of raw data

    @Test
    void meansOfGroupsHaveTheIntervalsThatTheNoteNames() {
        Result result = made(RAW, wish(Kind.BARS, null, Role.GROUP, Role.OUT, Role.OUT, Role.MEASURE));
        Columns chart = columns(result);
        assertThat(chart.categories()).containsExactly("North", "South");
        assertThat(chart.series()).hasSize(1);
        assertThat(chart.series().get(0).values()).containsExactly(4.0, 7.0);
        // Student's t for two degrees of freedom at .975 is 4.302653; the deviation is 2.
        assertThat(chart.series().get(0).reaches().get(0)).isCloseTo(4.302653 * 2 / Math.sqrt(3), within(1e-5));
        assertThat(result.spreads()).containsExactly(Spread.INTERVAL, Spread.ERROR, Spread.DEVIATION, Spread.NONE);
        assertThat(figure(result).title()).isEqualTo("Mean Delay by Harbour");
        assertThat(chart.up()).isEqualTo("Mean Delay");
        assertThat(figure(result).notes())
                .containsExactly("Error bars show 95% confidence intervals of the means. _n_ = 3 for each mean.");
        assertThat(figure(result).alternative()).isEqualTo("Bar chart of mean delay by harbour: North 4; South 7.");
    }

    @Test
    void anotherSpreadIsDrawnAndNamed() {
        Role[] roles = {Role.GROUP, Role.OUT, Role.OUT, Role.MEASURE};
        Result errors = made(RAW, wish(Kind.POINTS, Spread.ERROR, roles));
        assertThat(columns(errors).series().get(0).reaches().get(1)).isCloseTo(2 / Math.sqrt(3), within(1e-12));
        assertThat(figure(errors).notes().get(0)).startsWith("Error bars show standard errors of the means.");
        Result none = made(RAW, wish(Kind.POINTS, Spread.NONE, roles));
        assertThat(columns(none).reaches()).isFalse();
        assertThat(figure(none).notes()).containsExactly("_n_ = 3 for each mean.");
    }

    @Test
    void aSecondGroupIsASeriesAndSeveralMeasuresStandSideBySide() {
        Result byTwo = made(RAW, wish(Kind.BARS, null, Role.GROUP, Role.GROUP, Role.OUT, Role.MEASURE));
        assertThat(figure(byTwo).notes().get(0)).endsWith("_n_ = 1 to 2.");
        Columns two = columns(byTwo);
        assertThat(two.series()).extracting(Chart.Series::name).containsExactly("ebb", "flood");
        assertThat(two.series().get(0).values()).containsExactly(4.0, 7.0);
        assertThat(two.series().get(1).reaches())
                .as("one evening alone spreads by nothing")
                .startsWith(0.0);
        Columns measures = columns(made(RAW, wish(Kind.BARS, null, Role.GROUP, Role.OUT, Role.MEASURE, Role.MEASURE)));
        assertThat(measures.categories()).containsExactly("Wind", "Delay");
        assertThat(measures.series()).extracting(Chart.Series::name).containsExactly("North", "South");
    }

    @Test
    void measuresOfDifferentSizeDoNotShareAnAxisUnlessThatIsWanted() {
        String large = RAW.replace("ebb,1", "ebb,4").replaceAll(",(\\d)\n", ",$10\n");
        Result result = made(large, wish(null, null));
        assertThat(columns(result).up()).isEqualTo("Mean Wind");
        assertThat(result.columns()).extracting(TableMaker.Column::role).containsSubsequence(Role.MEASURE, Role.OUT);
        assertThat(result.remarks().get(0)).startsWith("Only Wind is drawn");
        Columns both = columns(made(large, wish(null, null, Role.GROUP, Role.OUT, Role.MEASURE, Role.MEASURE)));
        assertThat(both.categories()).containsExactly("Wind", "Delay");
    }

    @Test
    void groupsAreCounted() {
        Columns chart = columns(made(RAW, wish(Kind.COUNTS, null, Role.GROUP, Role.GROUP, Role.OUT, Role.OUT)));
        assertThat(chart.series().get(0).values()).containsExactly(2.0, 1.0);
        assertThat(chart.series().get(1).values()).containsExactly(1.0, 2.0);
        assertThat(chart.up()).isEqualTo("Number");
    }

    @Test
    void aScatterPlotHasTheLineOfLeastSquares() {
        Role[] roles = {Role.OUT, Role.OUT, Role.MEASURE, Role.MEASURE};
        MadeFigure figure = figure(made(RAW, wish(null, null, roles)));
        Scatter chart = (Scatter) figure.chart();
        Chart.Line line = Objects.requireNonNull(chart.line());
        // Sums of squares and products: 17.5 and 21.5.
        assertThat(line.slope()).isCloseTo(21.5 / 17.5, within(1e-12));
        assertThat(line.at(3.5)).isCloseTo(5.5, within(1e-12));
        assertThat(figure.notes()).containsExactly("The line is fitted by least squares; _r_ = .95, _N_ = 6.");
        Scatter turned = (Scatter) figure(made(RAW, new Wish(Kind.SCATTER, List.of(roles), null, false, true)))
                .chart();
        assertThat(turned.across()).isEqualTo("Delay");
        assertThat(turned.line()).isNull();
    }

    // ---- of printed cells

    @Test
    void printedMeansAreDrawnWithWhatIsPrintedBesideThem() {
        Result result = made(PRINTED, wish(null, Spread.ERROR));
        Columns chart = columns(result);
        assertThat(chart.categories()).containsExactly("Bell", "Horn");
        assertThat(chart.series().get(0).values()).containsExactly(4.31, 3.78);
        assertThat(chart.series().get(0).reaches()).containsExactly(0.168, 0.153);
        assertThat(figure(result).title()).isEqualTo("Mean Interval by Signal");
        assertThat(figure(result).notes().get(0)).endsWith("_n_ = 30 (Bell) and 28 (Horn).");
    }

    @Test
    void meansUnderSpannersAreSeries() {
        Columns chart = columns(made(
                "\tNorth\t\tSouth\t\n\tM\tSD\tM\tSD\nWind\t4.1\t0.5\t3.9\t0.6\nDelay\t2.2\t0.4\t2.9\t0.7\n",
                wish(null, null)));
        assertThat(chart.categories()).containsExactly("Wind", "Delay");
        assertThat(chart.series()).extracting(Chart.Series::name).containsExactly("North", "South");
        assertThat(chart.series().get(1).reaches()).containsExactly(0.6, 0.7);
    }

    @Test
    void anyNumbersAreDrawnAsTheyAreAndColumnsCanBeLeftOut() {
        String cells = "Year\tBarges\tSkiffs\n1901\t41\t7\n1902\t38\t\n1903\t52\t11\n";
        Columns chart = columns(made(cells, wish(Kind.POINTS, null)));
        assertThat(chart.categories()).containsExactly("1901", "1902", "1903");
        assertThat(chart.series().get(1).values()).containsExactly(7.0, null, 11.0);
        Result alone = made(cells, wish(Kind.POINTS, null, Role.MEASURE, Role.MEASURE, Role.OUT));
        assertThat(figure(alone).title()).isEqualTo("Barges by Year");
        assertThat(columns(alone).series()).extracting(Chart.Series::name).containsExactly("");
    }

    // ---- what cannot be drawn

    @Test
    void whatCannotBeReadInAChartIsSaidAndNotDrawn() {
        StringBuilder many = new StringBuilder("Year\tBarges\n");
        for (int year = 1; year <= 17; year++) {
            many.append("y").append(year).append('\t').append(year).append('\n');
        }
        assertThat(made(many.toString(), wish(null, null)).remarks())
                .containsExactly(
                        "A chart of 17 categories cannot be read; at most 16 stand side by side. Leave some out.");
        Result flat = made(
                RAW.replaceAll(",\\d,", ",3,"),
                wish(Kind.SCATTER, null, Role.OUT, Role.OUT, Role.MEASURE, Role.MEASURE));
        assertThat(flat.figure()).isNull();
        assertThat(flat.remarks().get(0)).contains("all numbers are the same");
        assertThat(made("a\tb\nc\td\n", wish(null, null)).remarks())
                .containsExactly("No column holds numbers to draw.");
        assertThat(made("a\tM\nNorth\t4\nNorth\t5\n", wish(null, null))
                        .remarks()
                        .get(0))
                .startsWith("Two rows or two columns have the same name");
    }

    // ---- into a paper

    @ParameterizedTest
    @ValueSource(
            strings = {"apa-7-student", "apa-7-professional", "apa-6", "mla-9", "chicago-notes", "sbl-2", "school-essay"
            })
    void aFigureInACorrectPaperIsCorrectUnderEveryGuide(String id) {
        Specimen specimen = Specimen.of(id, Content.NOTHING);
        Report report = Examiner.examine(specimen.build(), specimen.brief(), WorkLimits.within(20));
        for (Kind kind : Kind.values()) {
            Role[] roles = kind == Kind.SCATTER
                    ? new Role[] {Role.OUT, Role.OUT, Role.MEASURE, Role.MEASURE}
                    : new Role[] {Role.GROUP, Role.GROUP, Role.OUT, Role.MEASURE};
            Result result = FigureMaker.make(SheetText.read(RAW), wish(kind, null, roles), guide(id));
            ObjectPlaces places = ObjectPlaces.ofFigure(report.examination());
            Paper paper = PaperEditor.apply(
                    report.paper(),
                    places.edits(
                            new FigureBlocks(figure(result), guide(id), BLANK), places.likeliest(places.all()), true));
            Report after = Examiner.examine(paper, specimen.brief(), WorkLimits.within(20));
            assertThat(after.findings())
                    .as(id + " " + kind)
                    .extracting(Reading::toString)
                    .isEmpty();
            assertThat(paper.paragraphs())
                    .extracting(Paragraph::text)
                    .as(id)
                    .anyMatch(text -> text.contains("(see Fig"))
                    .anyMatch(text -> text.startsWith("Fig"));
        }
    }

    @Test
    void figuresAfterItMoveUpWithTheirMentionsAndTablesStay() {
        Specimen specimen = Specimen.of("apa-7-student", Content.OBJECTS);
        Report report = Examiner.examine(specimen.build(), specimen.brief(), WorkLimits.within(20));
        ObjectPlaces places = ObjectPlaces.ofFigure(report.examination());
        MadeFigure figure = figure(made(RAW, wish(Kind.COUNTS, null)));
        Paper paper = PaperEditor.apply(
                report.paper(),
                places.edits(
                        new FigureBlocks(figure, guide("apa-7-student"), BLANK),
                        places.all().get(0).paragraph(),
                        true));
        assertThat(paper.paragraphs())
                .extracting(Paragraph::text)
                .anyMatch(text -> text.contains("as Table 1 and Figure 2 show"))
                .containsSubsequence("Figure 1", "Figure 2");
    }
}
