package grintel.formats.chart;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.chart.Chart;
import grintel.core.chart.Chart.Columns;
import grintel.core.chart.Chart.Line;
import grintel.core.chart.Chart.Mark;
import grintel.core.chart.Chart.Scatter;
import grintel.core.chart.Chart.Series;
import grintel.core.edit.NewImage;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class ChartDrawingTest {
    private static final Columns TWO = new Columns(
            Mark.BARS,
            "Harbour",
            "Mean Interval",
            List.of("North Quay", "South Quay and the Long Mole Beyond It"),
            List.of(
                    new Series("Ebb", List.of(4.31, 3.78), List.of(0.31, 0.4)),
                    new Series("Flood", Arrays.asList(3.2, null), List.of(0.2, 0.0))));
    private static final Scatter PAIRS = new Scatter(
            "Wind", "Interval", List.of(1.0, 2.0, 3.0, 4.0, 5.0), List.of(2.0, 2.4, 3.1, 3.0, 4.2), new Line(1.4, 0.5));

    private static BufferedImage dots(Chart chart) throws IOException {
        NewImage image = new ChartDrawing().draw(chart, 432, 259);
        BufferedImage out = ImageIO.read(new ByteArrayInputStream(image.dots()));
        assertThat(out.getWidth()).isEqualTo(1800).isEqualTo(image.pixels().width());
        assertThat(out.getHeight()).isEqualTo(image.pixels().height());
        return out;
    }

    private static String lines(Chart chart) {
        return new String(new ChartDrawing().draw(chart, 432, 259).lines(), StandardCharsets.UTF_8);
    }

    @Test
    void bothAreOfThreeHundredDotsAnInchAndInGreys() throws IOException {
        for (Chart chart : List.of(TWO, PAIRS)) {
            BufferedImage image = dots(chart);
            Set<Integer> greys = new HashSet<>();
            for (int y = 0; y < image.getHeight(); y++) {
                for (int x = 0; x < image.getWidth(); x++) {
                    Color colour = new Color(image.getRGB(x, y));
                    assertThat(colour.getRed()).isEqualTo(colour.getGreen()).isEqualTo(colour.getBlue());
                    greys.add(colour.getRed());
                }
            }
            assertThat(greys).contains(0, 255);
            // Nothing frames it.
            for (int x = 0; x < image.getWidth(); x++) {
                assertThat(image.getRGB(x, 0)).isEqualTo(Color.WHITE.getRGB());
                assertThat(image.getRGB(x, image.getHeight() - 1)).isEqualTo(Color.WHITE.getRGB());
            }
        }
    }

    @Test
    void linesNeedNoFaceToBeSeenAndTellNothingOfTheirMaking() {
        assertThat(lines(TWO))
                .contains("viewBox=\"0 0 432 259\"", "width=\"432pt\"", "<path")
                .doesNotContain("<text", "font-face", "<image", "href", "Batik", "<!DOCTYPE");
    }

    @Test
    void oneChartIsOneImageAndAnotherAnother() {
        ChartDrawing drawing = new ChartDrawing();
        assertThat(drawing.draw(TWO, 432, 259)).isEqualTo(drawing.draw(TWO, 432, 259));
        assertThat(drawing.draw(TWO, 432, 259).part())
                .isNotEqualTo(drawing.draw(
                                new Columns(Mark.BARS, "Harbour", "Interval", TWO.categories(), TWO.series()), 432, 259)
                        .part());
    }

    @Test
    void pointsAreToldApartByTheirFill() {
        Columns points = new Columns(Mark.POINTS, TWO.across(), TWO.up(), TWO.categories(), TWO.series());
        assertThat(lines(points)).contains("stroke-dasharray").isNotEqualTo(lines(TWO));
    }

    @Test
    void namesThatNoPageHasRoomForAreCutAndNumbersOfAnySizeAreDrawn() throws IOException {
        String endless = "Quay".repeat(500);
        Columns odd = new Columns(
                Mark.BARS,
                endless,
                "\u0001<b>&\uD800",
                List.of(endless + "1", endless + "2"),
                List.of(
                        new Series(endless, List.of(1.7e308, -1.7e308), List.of(1e308, 0.0)),
                        new Series("", Arrays.asList(null, 1e-300), List.of(0.0, 0.0))));
        assertThat(dots(odd)).isNotNull();
        assertThat(lines(odd).length()).isLessThan(400_000);
    }
}
