package grintel.bench;

import grintel.bench.Stopwatch.Timing;
import grintel.bench.Stopwatch.Work;
import grintel.core.chart.FigureBlocks;
import grintel.core.chart.MadeFigure;
import grintel.core.check.Examiner;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.made.MadeObject;
import grintel.core.made.ObjectPage;
import grintel.core.table.FigureMaker;
import grintel.core.table.MadeTable;
import grintel.core.table.SheetText;
import grintel.core.table.TableBlocks;
import grintel.core.table.TableMaker;
import grintel.formats.chart.ChartDrawing;
import java.io.PrintStream;
import java.util.Locale;
import java.util.Objects;
import java.util.Random;

/** How fast a thousand rows of raw numbers become a table, or a figure, on a page that is typeset and measured. */
final class MakerBench {
    private static final int ROWS = 1000;
    private static final int SECONDS = 60;

    private final PrintStream out;
    private final Guide guide = Objects.requireNonNull(Guides.find("apa-7-student"));
    private final Brief brief = Brief.of(guide, null, Facts.of("Ekwall", ""));
    private final String cells = cells();

    private MakerBench(PrintStream out) {
        this.out = out;
    }

    static void run(PrintStream out) {
        MakerBench bench = new MakerBench(out);
        bench.measure("a table on its page", bench::table);
        bench.measure("a figure on its page", bench::figure);
    }

    private static String cells() {
        Random random = new Random(5);
        StringBuilder out = new StringBuilder("Harbour,Signal,Wind,Interval,Flights\n");
        for (int i = 0; i < ROWS; i++) {
            out.append(String.format(
                    Locale.ROOT,
                    "%s,%s,%d,%.2f,%d%n",
                    random.nextBoolean() ? "Arden" : "Skerrow",
                    random.nextBoolean() ? "bell" : "horn",
                    random.nextInt(8),
                    4 + random.nextGaussian(),
                    10 + random.nextInt(8)));
        }
        return out.toString();
    }

    private void measure(String what, Work work) {
        Timing cold = Stopwatch.cold(work);
        Timing warm = Stopwatch.warm(work);
        out.printf(
                Locale.ROOT,
                "%,d rows of five columns to %s: %.0f ms (%.0f to %.0f); the first time %.0f ms%n",
                ROWS,
                what,
                warm.median(),
                warm.least(),
                warm.most(),
                cold.most());
    }

    private void table() {
        MadeTable table = TableMaker.make(SheetText.read(cells), TableMaker.Wish.NONE, guide)
                .table();
        set(TableBlocks.of(Objects.requireNonNull(table), guide));
    }

    private void figure() {
        MadeFigure figure = FigureMaker.make(SheetText.read(cells), FigureMaker.Wish.NONE, guide)
                .figure();
        set(new FigureBlocks(Objects.requireNonNull(figure), guide, new ChartDrawing()));
    }

    private void set(MadeObject made) {
        Examiner.examine(ObjectPage.of(made, guide, 1), brief, WorkLimits.within(SECONDS));
    }
}
