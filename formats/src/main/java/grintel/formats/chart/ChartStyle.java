package grintel.formats.chart;

import grintel.core.chart.Chart;
import grintel.core.typeset.FaceCatalogue;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontFormatException;
import java.awt.Shape;
import java.awt.geom.Ellipse2D;
import java.awt.geom.GeneralPath;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.List;
import java.util.Locale;
import org.jfree.chart.JFreeChart;
import org.jfree.chart.axis.Axis;
import org.jfree.chart.axis.CategoryAxis;
import org.jfree.chart.axis.NumberAxis;
import org.jfree.chart.axis.NumberTickUnit;
import org.jfree.chart.axis.TickUnits;
import org.jfree.chart.block.BlockBorder;
import org.jfree.chart.plot.CategoryPlot;
import org.jfree.chart.plot.Plot;
import org.jfree.chart.plot.XYPlot;
import org.jfree.chart.renderer.category.CategoryItemRenderer;
import org.jfree.chart.renderer.category.StandardBarPainter;
import org.jfree.chart.renderer.category.StatisticalBarRenderer;
import org.jfree.chart.renderer.category.StatisticalLineAndShapeRenderer;
import org.jfree.chart.renderer.xy.XYLineAndShapeRenderer;
import org.jfree.chart.title.LegendTitle;
import org.jfree.chart.ui.RectangleEdge;
import org.jfree.chart.ui.RectangleInsets;
import org.jfree.data.statistics.DefaultStatisticalCategoryDataset;
import org.jfree.data.xy.DefaultXYDataset;

/** How a chart of a paper looks: no frame, no grid, one face without serifs, fills that stay apart when printed in greys. */
final class ChartStyle {
    private static final Font FACE = face();
    /** Points; guides ask for 8 to 14. */
    private static final float NAMES = 11;

    private static final float WORDS = 10;
    private static final BasicStroke THIN = new BasicStroke(0.75f);
    /** Neighbours are far apart, and none so dark that an error bar is lost in it. */
    private static final List<Color> GREYS =
            List.of(grey(0x9a), grey(0xe6), grey(0x6b), Color.WHITE, grey(0xc4), grey(0x80));

    /** Those of the second series and the further ones; the first is drawn through. */
    private static final List<float[]> DASHES = List.of(
            new float[] {5, 3}, new float[] {1.5f, 2.5f}, new float[] {7, 2, 1.5f, 2}, new float[] {3, 2}, new float[] {
                9, 4
            });
    /** Powers of ten of the smallest and the largest step of an axis. */
    private static final int SMALLEST = 9;

    private static final int LARGEST = 12;
    private static final double POINT = 5.5;
    private static final int MOST_LINES = 3;
    /** Characters of a name, which no page has room for more of. */
    private static final int LONGEST = 80;

    private static final double AROUND = 6;

    private ChartStyle() {}

    private static Color grey(int value) {
        return new Color(value, value, value);
    }

    private static Font face() {
        try (InputStream file = FaceCatalogue.open("LiberationSans-Regular")) {
            return Font.createFont(Font.TRUETYPE_FONT, file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (FontFormatException e) {
            throw new IllegalStateException(e);
        }
    }

    static JFreeChart of(Chart chart) {
        if (chart instanceof Chart.Columns columns) {
            return framed(plot(columns), columns.series().size() > 1);
        }
        return framed(plot((Chart.Scatter) chart), false);
    }

    private static JFreeChart framed(Plot plot, boolean legend) {
        plot.setBackgroundPaint(null);
        plot.setOutlineVisible(false);
        JFreeChart out = new JFreeChart(null, FACE.deriveFont(NAMES), plot, false);
        out.setBackgroundPaint(null);
        out.setPadding(new RectangleInsets(AROUND, AROUND, AROUND, AROUND));
        if (legend) {
            LegendTitle title = new LegendTitle(plot);
            title.setItemFont(FACE.deriveFont(WORDS));
            title.setFrame(BlockBorder.NONE);
            title.setPosition(RectangleEdge.BOTTOM);
            title.setBackgroundPaint(null);
            out.addLegend(title);
        }
        return out;
    }

    /** Words as there is room for them beside a chart. */
    private static String shown(String words) {
        int characters = words.codePointCount(0, words.length());
        return characters <= LONGEST ? words : words.substring(0, words.offsetByCodePoints(0, LONGEST - 1)) + "…";
    }

    private static void lettered(Axis axis) {
        axis.setLabelFont(FACE.deriveFont(NAMES));
        axis.setTickLabelFont(FACE.deriveFont(WORDS));
        axis.setLabelPaint(Color.BLACK);
        axis.setTickLabelPaint(Color.BLACK);
        axis.setAxisLinePaint(Color.BLACK);
        axis.setAxisLineStroke(THIN);
        axis.setTickMarkPaint(Color.BLACK);
        axis.setTickMarkStroke(THIN);
    }

    private static NumberAxis numbers(String name, boolean whole) {
        NumberAxis axis = new NumberAxis(shown(name));
        lettered(axis);
        axis.setStandardTickUnits(units(whole));
        axis.setAutoRangeIncludesZero(false);
        return axis;
    }

    /** Steps of 1, 2 or 5 times a power of ten, whose numbers all have as many decimals as the step. */
    private static TickUnits units(boolean whole) {
        DecimalFormatSymbols symbols = DecimalFormatSymbols.getInstance(Locale.ROOT);
        symbols.setMinusSign('\u2212');
        TickUnits out = new TickUnits();
        for (int power = whole ? 0 : -SMALLEST; power <= LARGEST; power++) {
            DecimalFormat format = new DecimalFormat("#,##0" + (power < 0 ? "." + "0".repeat(-power) : ""), symbols);
            for (int times : new int[] {1, 2, 5}) {
                out.add(new NumberTickUnit(BigDecimal.valueOf(times, -power).doubleValue(), format));
            }
        }
        return out;
    }

    // ---- by category

    private static CategoryPlot plot(Chart.Columns columns) {
        DefaultStatisticalCategoryDataset data = new DefaultStatisticalCategoryDataset();
        boolean whole = true;
        for (int i = 0; i < columns.series().size(); i++) {
            Chart.Series series = columns.series().get(i);
            for (int j = 0; j < columns.categories().size(); j++) {
                Double value = series.values().get(j);
                double reach = series.reaches().get(j);
                whole &= value == null || value == Math.rint(value) && reach == 0;
                data.add(
                        value,
                        reach > 0 ? reach : null,
                        new Named(i, shown(series.name())),
                        new Named(j, shown(columns.categories().get(j))));
            }
        }
        boolean bars = columns.mark() == Chart.Mark.BARS;
        NumberAxis up = numbers(columns.up(), whole);
        up.setAutoRangeIncludesZero(bars);
        CategoryAxis across = new CategoryAxis(shown(columns.across()));
        lettered(across);
        across.setMaximumCategoryLabelLines(MOST_LINES);
        across.setMaximumCategoryLabelWidthRatio(1);
        // Points of a category stay close to its name.
        across.setCategoryMargin(bars ? 0.35 : 0.8);
        int series = columns.series().size();
        CategoryPlot out = new CategoryPlot(data, across, up, bars ? bars(series) : points(series));
        out.setRangeGridlinesVisible(false);
        out.setDomainGridlinesVisible(false);
        out.setAxisOffset(RectangleInsets.ZERO_INSETS);
        return out;
    }

    private static CategoryItemRenderer bars(int series) {
        StatisticalBarRenderer out = new StatisticalBarRenderer();
        out.setShadowVisible(false);
        out.setBarPainter(new StandardBarPainter());
        out.setDrawBarOutline(true);
        out.setItemMargin(0.06);
        out.setMaximumBarWidth(0.16);
        out.setErrorIndicatorPaint(Color.BLACK);
        out.setErrorIndicatorStroke(THIN);
        for (int i = 0; i < series; i++) {
            out.setSeriesPaint(i, GREYS.get(i));
            out.setSeriesOutlinePaint(i, Color.BLACK);
            out.setSeriesOutlineStroke(i, THIN);
        }
        return out;
    }

    private static CategoryItemRenderer points(int series) {
        StatisticalLineAndShapeRenderer out = new StatisticalLineAndShapeRenderer();
        out.setErrorIndicatorPaint(Color.BLACK);
        out.setErrorIndicatorStroke(THIN);
        // Points of one category stand side by side, so that no error bar hides another.
        out.setUseSeriesOffset(series > 1);
        out.setItemMargin(0);
        out.setUseFillPaint(true);
        out.setUseOutlinePaint(true);
        for (int i = 0; i < series; i++) {
            out.setSeriesPaint(i, Color.BLACK);
            out.setSeriesOutlinePaint(i, Color.BLACK);
            out.setSeriesOutlineStroke(i, THIN);
            out.setSeriesFillPaint(i, i % 2 == 0 ? Color.BLACK : Color.WHITE);
            out.setSeriesShape(i, shape(i / 2));
            out.setSeriesStroke(
                    i,
                    new BasicStroke(
                            1, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, i == 0 ? null : DASHES.get(i - 1), 0));
        }
        return out;
    }

    private static Shape shape(int which) {
        double half = POINT / 2;
        if (which == 0) {
            return new Ellipse2D.Double(-half, -half, POINT, POINT);
        }
        if (which == 1) {
            return new Rectangle2D.Double(-half, -half, POINT, POINT);
        }
        GeneralPath out = new GeneralPath();
        out.moveTo(0, -half);
        out.lineTo(half, half);
        out.lineTo(-half, half);
        out.closePath();
        return out;
    }

    /** The key of a series or a category, which its place tells from others and its name stands for. */
    private record Named(int place, String name) implements Comparable<Named> {
        @Override
        public int compareTo(Named other) {
            return Integer.compare(place, other.place);
        }

        @Override
        public String toString() {
            return name;
        }
    }

    // ---- by pairs

    private static XYPlot plot(Chart.Scatter scatter) {
        DefaultXYDataset data = new DefaultXYDataset();
        data.addSeries("points", new double[][] {array(scatter.x()), array(scatter.y())});
        XYLineAndShapeRenderer renderer = new XYLineAndShapeRenderer(false, true);
        renderer.setSeriesShape(0, shape(0));
        renderer.setSeriesShapesFilled(0, false);
        renderer.setSeriesPaint(0, Color.BLACK);
        renderer.setSeriesStroke(0, THIN);
        Chart.Line line = scatter.line();
        if (line != null) {
            double least =
                    scatter.x().stream().mapToDouble(Double::doubleValue).min().orElseThrow();
            double most =
                    scatter.x().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
            data.addSeries("line", new double[][] {{least, most}, {line.at(least), line.at(most)}});
            renderer.setSeriesLinesVisible(1, true);
            renderer.setSeriesShapesVisible(1, false);
            renderer.setSeriesPaint(1, Color.BLACK);
            renderer.setSeriesStroke(1, new BasicStroke(1));
        }
        XYPlot out = new XYPlot(
                data,
                numbers(scatter.across(), areWhole(scatter.x())),
                numbers(scatter.up(), areWhole(scatter.y())),
                renderer);
        out.setRangeGridlinesVisible(false);
        out.setDomainGridlinesVisible(false);
        out.setAxisOffset(RectangleInsets.ZERO_INSETS);
        return out;
    }

    private static boolean areWhole(List<Double> numbers) {
        return numbers.stream().allMatch(number -> number == Math.rint(number));
    }

    private static double[] array(List<Double> numbers) {
        return numbers.stream().mapToDouble(Double::doubleValue).toArray();
    }
}
