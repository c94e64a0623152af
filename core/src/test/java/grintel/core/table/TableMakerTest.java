package grintel.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.edit.PaperEditor;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.made.ObjectPlaces;
import grintel.core.made.Slanted;
import grintel.core.made.UnusableSourceException;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import grintel.core.table.TableMaker.Kind;
import grintel.core.table.TableMaker.Result;
import grintel.core.table.TableMaker.Role;
import grintel.core.table.TableMaker.Wish;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class TableMakerTest {
    private static final String RAW = raw();
    private static final String PRINTED = """
            Group Statistics
            \tSignal\tN\tMean\tStd. Deviation\tStd. Error Mean
            Interval\tBell\t30\t4,31\t,92\t,168
            \tHorn\t28\t3,78\t,81\t,153

            Independent Samples Test
            \t\tLevene's Test for Equality of Variances\t\tt-test for Equality of Means
            \t\tF\tSig.\tt\tdf\tSig. (2-tailed)\tMean Difference
            Interval\tEqual variances assumed\t,412\t,524\t2,321\t56\t,024\t,530
            \tEqual variances not assumed\t\t\t2,332\t55,8\t,023\t,530
            """;

    /** Sixty evenings at two harbours, three measures. */
    private static String raw() {
        Random random = new Random(7);
        StringBuilder out = new StringBuilder("Evening,Harbour,Tide,Interval,Flights,Lamps\n");
        for (int i = 1; i <= 60; i++) {
            out.append(i)
                    .append(i % 2 == 0 ? ",North" : ",South")
                    .append(i % 3 == 0 ? ",ebb" : i % 3 == 1 ? ",flood" : ",slack")
                    .append(String.format(Locale.ROOT, ",%.2f", 4 + i % 2 * 0.6 + random.nextGaussian()))
                    .append(String.format(Locale.ROOT, ",%d", 10 + random.nextInt(9)))
                    .append(i == 9 ? ",many" : i == 12 ? "," : String.format(Locale.ROOT, ",%d", 3 + i % 7))
                    .append('\n');
        }
        return out.toString();
    }

    private static Guide guide(String id) {
        Guide guide = Guides.find(id);
        assertThat(guide).isNotNull();
        return guide;
    }

    private static Result made(String text, Wish wish) {
        return TableMaker.make(SheetText.read(text), wish, guide("apa-7-student"));
    }

    private static Wish kind(@Nullable Kind kind) {
        return new Wish(kind, List.of(), false, false, null);
    }

    private static MadeTable table(Result result) {
        MadeTable table = result.table();
        assertThat(table).as(result.remarks().toString()).isNotNull();
        return table;
    }

    // ---- what came in

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Quay\tLamps\nNorth\t14\nSouth\t12",
                "Quay;Lamps\nNorth;14\nSouth;12",
                "Quay,Lamps\n\"North\",14\nSouth,12",
                "Quay    Lamps\nNorth   14\nSouth   12",
            })
    void cellsAreReadHoweverTheyAreParted(String text) {
        Sheet sheet = SheetText.read(text).get(0);
        assertThat(sheet.rows())
                .containsExactly(List.of("Quay", "Lamps"), List.of("North", "14"), List.of("South", "12"));
    }

    @Test
    void titleAndFootersStandApartFromTheCells() {
        Sheet sheet = SheetText.read("Lamps by Quay\t\nQuay\tLamps\nNorth\t14\na. By hand.\t")
                .get(0);
        assertThat(sheet.title()).isEqualTo("Lamps by Quay");
        assertThat(sheet.footers()).containsExactly("a. By hand.");
        assertThat(sheet.rows()).hasSize(2);
    }

    @Test
    void numbersAreReadAsProgramsAndPeopleWriteThem() {
        assertThat(Numeral.of(".000", false))
                .extracting(Numeral::value, Numeral::places)
                .containsExactly(0.0, 3);
        assertThat(Numeral.of("<.001", false)).extracting(Numeral::sign).isEqualTo("<");
        assertThat(Numeral.of("1.2E-05", false)).extracting(Numeral::value).isEqualTo(1.2E-05);
        assertThat(Numeral.of("1,204", false)).extracting(Numeral::value).isEqualTo(1204.0);
        assertThat(Numeral.of("1.204,5", true)).extracting(Numeral::value).isEqualTo(1204.5);
        assertThat(Numeral.of("−0,42**", true))
                .extracting(Numeral::value, Numeral::marks)
                .containsExactly(-0.42, "**");
        assertThat(Numeral.of("12%", false)).extracting(Numeral::value).isEqualTo(12.0);
        assertThat(List.of("", "n/a", "—", "-99")).allMatch(Numeral::isMissing);
        assertThat(List.of("North", "1.2.3", "12 lamps", "1/2")).allMatch(cell -> Numeral.of(cell, false) == null);
    }

    @Test
    void whatIsTooLargeOrNoTableIsRefusedInWords() {
        assertThatThrownBy(() -> SheetText.read("1\t2\n".repeat(50_001)))
                .isInstanceOf(UnusableSourceException.class)
                .hasMessageContaining("50,001");
        assertThatThrownBy(() -> SheetText.read("1\t".repeat(301))).hasMessageContaining("300 columns");
        assertThatThrownBy(() -> SheetText.read(" \n ")).hasMessageContaining("no cells");
        assertThatThrownBy(() -> SheetText.read("PK\0")).hasMessageContaining("no text");
    }

    // ---- what is made of it

    @Test
    void twoGroupsOfRawDataAreComparedAndTheCheckOfVariancesDecides() {
        Result result = made(RAW, Wish.NONE);
        assertThat(result.raw()).isTrue();
        assertThat(result.kind()).isEqualTo(Kind.GROUPS);
        assertThat(result.columns())
                .extracting(TableMaker.Column::role)
                .containsExactly(Role.OUT, Role.GROUP, Role.GROUP, Role.MEASURE, Role.MEASURE, Role.MEASURE);
        assertThat(result.because()).contains("Levene’s test, of deviations from the mean");
        assertThat(result.remarks()).anyMatch(remark -> remark.startsWith("Lamps: 1 cell holds no number"));
        MadeTable table = table(result);
        assertThat(table.title()).isEqualTo("Harbour Differences in Interval, Flights and Lamps");
        assertThat(table.rows()).hasSize(3);
        assertThat(table.report()).startsWith("_t_(58) = ").contains("_p_ ", "_d_ = ");
        MadeTable welch = table(made(RAW, new Wish(Kind.GROUPS, List.of(), false, false, false)));
        assertThat(welch.notes()).anyMatch(note -> note.contains("adjusted for unequal variances"));
    }

    @Test
    void aPrintedTestSaysTheSame() {
        Result result = made(PRINTED, Wish.NONE);
        assertThat(result.raw()).isFalse();
        assertThat(result.kind()).isEqualTo(Kind.GROUPS);
        MadeTable table = table(result);
        assertThat(table.rows())
                .containsExactly(List.of("Interval", "4.31", "0.92", "3.78", "0.81", "2.32", "56", ".024", "0.61"));
        assertThat(table.heads().get(0))
                .extracting(MadeTable.Head::words)
                .contains("Bell (_n_ = 30)", "Horn (_n_ = 28)");
        assertThat(table.report()).isEqualTo("_t_(56) = 2.32, _p_ = .024, _d_ = 0.61");
        MadeTable other = table(made(PRINTED, new Wish(null, List.of(), true, false, false)));
        assertThat(other.rows().get(0)).contains("2.33*", "55.80", ".023");
        assertThat(other.notes()).contains("*_p_ < .05.");
    }

    /** The numbers of the demo's study, and what a program printed of the same. */
    @Test
    void rawDataAndWhatAProgramPrintedOfThemAreOneTable() throws IOException {
        Path samples = Path.of("..", "web", "src", "samples");
        List<Role> roles = List.of(Role.OUT, Role.GROUP, Role.OUT, Role.OUT, Role.MEASURE, Role.MEASURE);
        MadeTable computed = table(made(
                Files.readString(samples.resolve("bell-study.csv")), new Wish(Kind.GROUPS, roles, false, false, null)));
        MadeTable printed = table(made(Files.readString(samples.resolve("bell-study-output.txt")), Wish.NONE));
        assertThat(computed.rows()).isEqualTo(printed.rows());
        assertThat(computed.heads()).isEqualTo(printed.heads());
        assertThat(computed.report()).isEqualTo(printed.report());
    }

    @ParameterizedTest
    @EnumSource(
            value = Kind.class,
            names = {"PLAIN", "COEFFICIENTS", "COMPARISONS"},
            mode = EnumSource.Mode.EXCLUDE)
    void everyKindIsMadeOfRawDataAndChecksCleanUnderEveryGuide(Kind kind) {
        List<Role> roles = List.of(
                Role.OUT,
                Role.GROUP,
                Role.GROUP,
                Role.MEASURE,
                Role.MEASURE,
                kind == Kind.PAIRS ? Role.OUT : Role.MEASURE);
        for (Guide guide : Guides.all()) {
            Result result = TableMaker.make(SheetText.read(RAW), new Wish(kind, roles, true, true, null), guide);
            assertThat(result.kind()).isEqualTo(kind);
            inserted(guide, table(result));
        }
    }

    @Test
    void printedTablesCheckCleanUnderEveryGuide() {
        String anova = """
                \tSum of Squares\tdf\tMean Square\tF\tSig.
                Between Groups\t12.411\t2\t6.206\t4.821\t.0114
                Within Groups\t73.375\t57\t1.287\t\t
                Total\t85.786\t59\t\t\t
                """;
        String correlations = """
                \t\tInterval\tFlights\tLamps
                Interval\tPearson Correlation\t1\t.412**\t-.118
                \tSig. (2-tailed)\t\t.001\t.369
                \tN\t60\t60\t60
                Flights\tPearson Correlation\t.412**\t1\t.257*
                \tSig. (2-tailed)\t.001\t\t.047
                \tN\t60\t60\t60
                Lamps\tPearson Correlation\t-.118\t.257*\t1
                \tSig. (2-tailed)\t.369\t.047\t
                \tN\t60\t60\t60
                """;
        String frequencies =
                "\tFrequency\tPercent\tValid Percent\tCumulative Percent\nebb\t20\t33.3\t33.3\t33.3\nflood\t40\t66.7\t66.7\t100.0";
        for (String printed : List.of(PRINTED, anova, correlations, frequencies)) {
            for (Guide guide : Guides.all()) {
                inserted(guide, titled(table(TableMaker.make(SheetText.read(printed), Wish.NONE, guide))));
            }
        }
        assertThat(table(made(anova, Wish.NONE)).rows().get(0))
                .containsExactly("Between Groups", "12.41", "2", "6.21", "4.82", ".011");
        assertThat(table(made(correlations, Wish.NONE)).rows().get(2)).containsExactly("3. Lamps", "\u2212.12", ".26*");
        assertThat(table(made(frequencies, Wish.NONE)).columns()).isEqualTo(3);
    }

    private static MadeTable titled(MadeTable table) {
        return table.title().isEmpty()
                ? new MadeTable("Lamps and Sums", table.heads(), table.rows(), table.notes(), "")
                : table;
    }

    @Test
    void whatCannotBeComputedIsSaidInTheRemarks() {
        Result result = made("Group,Length\na,1\na,1\nb,1\nb,1\nb,1\na,1\n", Wish.NONE);
        assertThat(result.table()).isNull();
        assertThat(result.remarks()).anyMatch(remark -> remark.contains("all numbers are the same"));
    }

    // ---- into a paper

    /** Brings a table into a correct paper of the guide, in which nothing is off afterwards. */
    private static Paper inserted(Guide guide, MadeTable table) {
        Specimen specimen = Specimen.of(guide.id(), Content.NOTHING);
        Report report = Examiner.examine(specimen.build(), specimen.brief(), WorkLimits.within(20));
        Examination exam = report.examination();
        ObjectPlaces places = ObjectPlaces.ofTable(exam);
        int place = places.likeliest(places.all());
        Paper paper = PaperEditor.apply(exam.paper(), places.edits(TableBlocks.of(table, guide), place, true));
        Report after = Examiner.examine(paper, specimen.brief(), WorkLimits.within(20));
        assertThat(after.findings())
                .as(guide.id() + " " + table.title())
                .extracting(Reading::toString)
                .isEmpty();
        return paper;
    }

    @Test
    void aTableComesAfterTheParagraphThatNamesItAndThoseAfterItMoveUp() {
        Specimen specimen = Specimen.of("apa-7-student", Content.OBJECTS);
        specimen.between =
                paper -> paper.paragraph(line -> line.text("More of it stands in Table 1 too. " + Specimen.PROSE));
        Report report = Examiner.examine(specimen.build(), specimen.brief(), WorkLimits.within(20));
        ObjectPlaces places = ObjectPlaces.ofTable(report.examination());
        int first = places.all().get(0).paragraph();
        Paper paper = PaperEditor.apply(
                report.examination().paper(),
                places.edits(
                        TableBlocks.of(table(made(RAW, kind(Kind.DESCRIPTIVES))), guide("apa-7-student")),
                        first,
                        true));
        assertThat(paper.paragraphs())
                .extracting(Paragraph::text)
                .anyMatch(text -> text.endsWith("(see Table 1)."))
                .anyMatch(text -> text.startsWith("More of it stands in Table 2 too."))
                .anyMatch(text -> text.contains("as Table 2 and Figure 1 show"))
                .containsSubsequence("Table 1", "Table 2");
    }

    // ---- intervals, coefficients, comparisons

    @Test
    void intervalsAreShownWhereTheyAreWanted() {
        String few = "Harbour,Delay\nNorth,2\nNorth,4\nNorth,6\nSouth,5\nSouth,7\nSouth,9\n";
        MadeTable groups = table(made(few, new Wish(Kind.GROUPS, List.of(), false, true, null)));
        // The difference is -3, its error sqrt(8/3), t for 4 degrees of freedom at .975 is 2.776445.
        assertThat(groups.rows().get(0)).endsWith("[\u22127.53, 1.53]");
        assertThat(groups.report()).endsWith(", 95% CI of the difference [\u22127.53, 1.53]");
        assertThat(groups.notes()).anyMatch(note -> note.contains("CI = confidence interval of the difference."));
        MadeTable all = table(made(few, new Wish(Kind.DESCRIPTIVES, List.of(), false, true, null)));
        // The mean is 5.5, the deviation 2.428992, t for 5 degrees of freedom at .975 is 2.570582.
        assertThat(all.rows().get(0)).contains("[2.95, 8.05]");
        assertThat(table(made(few, kind(Kind.GROUPS))).report()).doesNotContain("CI");
    }

    @Test
    void printedCoefficientsAreARowAPredictorAndTheFitIsInTheNote() {
        String printed = """
                Model Summary
                Model\tR\tR Square\tAdjusted R Square
                1\t.648\t.420\t.400

                ANOVA
                Model\t\tSum of Squares\tdf\tMean Square\tF\tSig.
                1\tRegression\t24.1\t2\t12.05\t20.612\t<.001
                \tResidual\t33.3\t57\t.584
                \tTotal\t57.4\t59

                Coefficients
                Model\t\tB\tStd. Error\tBeta\tt\tSig.\tLower Bound\tUpper Bound
                1\t(Constant)\t2.104\t.311\t\t6.765\t.000\t1.482\t2.726
                \tWind\t.412\t.074\t.551\t5.568\t.000\t.264\t.560
                \tTide\t-.205\t.118\t-.172\t-1.737\t.088\t-.441\t.031
                a. Dependent Variable: Interval
                """;
        Result result = made(printed, new Wish(null, List.of(), true, false, null));
        assertThat(result.kind()).isEqualTo(Kind.COEFFICIENTS);
        MadeTable table = table(result);
        assertThat(table.title()).isEqualTo("Predictors of Interval");
        assertThat(table.heads().get(0))
                .extracting(MadeTable.Head::words)
                .containsExactly("Predictor", "_B_", "_SE_", "β", "_t_", "_p_", "95% CI");
        assertThat(table.rows())
                .containsExactly(
                        List.of("Constant", "2.10***", "0.31", "", "6.77", "< .001", "[1.48, 2.73]"),
                        List.of("Wind", "0.41***", "0.07", ".55", "5.57", "< .001", "[0.26, 0.56]"),
                        List.of("Tide", "\u22120.21", "0.12", "\u2212.17", "\u22121.74", ".088", "[\u22120.44, 0.03]"));
        assertThat(table.notes())
                .containsExactly(
                        "_R_² = .42, _F_(2, 57) = 20.61, _p_ < .001.", "*_p_ < .05. **_p_ < .01. ***_p_ < .001.");
        assertThat(table.report()).isEqualTo("_R_² = .42, _F_(2, 57) = 20.61, _p_ < .001");
        inserted(guide("apa-7-student"), table);
    }

    @Test
    void comparisonsPrintedBothWaysRoundAreTakenOnce() {
        String printed = """
                Multiple Comparisons
                (I) Tide\t(J) Tide\tMean Difference (I-J)\tStd. Error\tSig.\tLower Bound\tUpper Bound
                ebb\tflood\t.62*\t.21\t.012\t.12\t1.12
                \tslack\t.30\t.22\t.361\t-.22\t.82
                flood\tebb\t-.62*\t.21\t.012\t-1.12\t-.12
                \tslack\t-.32\t.21\t.284\t-.82\t.18
                slack\tebb\t-.30\t.22\t.361\t-.82\t.22
                \tflood\t.32\t.21\t.284\t-.18\t.82
                """;
        MadeTable table = table(made(printed, kind(null)));
        assertThat(table.rows())
                .extracting(row -> row.get(0))
                .containsExactly("ebb – flood", "ebb – slack", "flood – slack");
        assertThat(table.rows().get(0)).containsExactly("ebb – flood", "0.62", "0.21", ".012", "[0.12, 1.12]");
        assertThat(table.heads().get(0).get(0).words()).isEqualTo("Tide");
        MadeTable other = table(made(
                "\tdiff\tlwr\tupr\tp adj\nflood-ebb\t-0.62\t-1.12\t-0.12\t0.012\nslack-ebb\t-0.30\t-0.82\t0.22\t0.361\n",
                kind(null)));
        assertThat(other.rows().get(1)).containsExactly("slack-ebb", "\u22120.30", ".361", "[\u22120.82, 0.22]");
        inserted(guide("apa-7-student"), other);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Mittelwert|Std.-Abweichung|Standardfehler des Mittelwertes|Sig. (2-seitig)|Varianzen sind gleich|Varianzen sind nicht gleich",
                "Moyenne|Écart type|Moyenne erreur standard|Sig. (bilatéral)|Hypothèse de variances égales|Hypothèse de variances inégales",
                "Media|Desviación estándar|Media de error estándar|Sig. (bilateral)|Se asumen varianzas iguales|No se asumen varianzas iguales"
            })
    void outputInOtherLanguagesIsTheSameTable(
            String mean, String sd, String sem, String p, String equal, String unequal) {
        String other = PRINTED.replace("Std. Error Mean", sem)
                .replace("Std. Deviation", sd)
                .replace("Mean\t", mean + "\t")
                .replace("Sig. (2-tailed)", p)
                .replace("Equal variances assumed", equal)
                .replace("Equal variances not assumed", unequal);
        assertThat(table(made(other, kind(null)))).isEqualTo(table(made(PRINTED, kind(null))));
    }

    // ---- out of a paper

    @Test
    void aTableOfAPaperComesOutAsItWentIn() {
        MadeTable table = table(made(PRINTED, kind(null)));
        Paper paper = inserted(guide("apa-7-student"), table);
        Report report = Examiner.examine(
                paper, Specimen.of("apa-7-student", Content.NOTHING).brief(), WorkLimits.within(20));
        assertThat(PaperTables.of(report.examination())).singleElement().satisfies(found -> {
            assertThat(found.label()).isEqualTo("Table 1");
            assertThat(found.sheet().title()).isEqualTo(Slanted.plain(table.title()));
            assertThat(found.sheet().footers())
                    .containsExactlyElementsOf(
                            table.notes().stream().map(Slanted::plain).toList());
            assertThat(found.sheet().rows().get(0)).startsWith("", "Bell (n = 30)", "", "Horn (n = 28)");
            MadeTable again = table(TableMaker.make(List.of(found.sheet()), kind(null), guide("apa-7-student")));
            assertThat(again.rows()).isEqualTo(table.rows());
            assertThat(again.heads()).isEqualTo(table.heads());
        });
    }
}
