package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import grintel.formats.demo.UntidyStudy;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The page on the screen and the page of the PDF, drawn by two engines and laid over each other. */
@ExtendWith(Application.class)
class PixelsTest {
    /** Pixels in an inch on the screen at actual size. */
    private static final int RESOLUTION = 96;
    /** How far one drawing is moved over the other, in pixels. */
    private static final int REACH = 3;

    @Test
    void agreeToThePixel() throws IOException {
        Desk desk = Desk.signUp()
                .bring("fog-bells.docx", UntidyStudy.write(), "APA 7, student paper")
                .putAllRight();
        // A window that holds a whole page at its actual size.
        desk.page().setViewportSize(1500, 1300);
        // Where nothing is asked there are neither marks nor dimension lines.
        desk.station("Notes");
        desk.press("z", "z");
        byte[] pdf = desk.handIn("PDF");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int number : new int[] {1, 2, 4}) {
                desk.press("g");
                desk.page().keyboard().type(String.valueOf(number));
                desk.press("Enter");
                Locator sheet = desk.sheet(number);
                assertThat(sheet).isVisible();
                double[][] screen = ink(ImageIO.read(new ByteArrayInputStream(sheet.screenshot())));
                double[][] paper = ink(renderer.renderImageWithDPI(number - 1, RESOLUTION, ImageType.GRAY));
                double there = likeness(screen, paper, 0, 0);
                assertThat(there).as("page %d", number).isGreaterThan(0.9);
                for (int dy = -REACH; dy <= REACH; dy++) {
                    for (int dx = -REACH; dx <= REACH; dx++) {
                        if (Math.abs(dx) > 1 || Math.abs(dy) > 1) {
                            assertThat(likeness(screen, paper, dx, dy))
                                    .as("page %d moved by %d, %d", number, dx, dy)
                                    .isLessThan(there);
                        }
                    }
                }
            }
        }
    }

    /** Darkness of each pixel against the sheet, from 0 to 1, a little blurred: engines smooth letters differently. */
    private static double[][] ink(BufferedImage image) {
        double[][] raw = new double[image.getHeight()][image.getWidth()];
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                int rgb = image.getRGB(x, y);
                raw[y][x] = 1 - ((rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255)) / 765.0;
            }
        }
        double[][] out = new double[raw.length][raw[0].length];
        for (int y = 1; y + 1 < raw.length; y++) {
            for (int x = 1; x + 1 < raw[y].length; x++) {
                double sum = 0;
                for (int i = -1; i <= 1; i++) {
                    for (int j = -1; j <= 1; j++) {
                        sum += raw[y + i][x + j];
                    }
                }
                out[y][x] = sum / 9;
            }
        }
        return out;
    }

    /** Correlation of two drawings inside their edges, the second moved. */
    private static double likeness(double[][] one, double[][] other, int dx, int dy) {
        int height = Math.min(one.length, other.length);
        int width = Math.min(one[0].length, other[0].length);
        double sumOne = 0;
        double sumOther = 0;
        double squareOne = 0;
        double squareOther = 0;
        double product = 0;
        int count = 0;
        for (int y = 8; y < height - 8; y++) {
            for (int x = 8; x < width - 8; x++) {
                double a = one[y][x];
                double b = other[y + dy][x + dx];
                sumOne += a;
                sumOther += b;
                squareOne += a * a;
                squareOther += b * b;
                product += a * b;
                count++;
            }
        }
        double covariance = product / count - sumOne / count * sumOther / count;
        double varianceOne = squareOne / count - Math.pow(sumOne / count, 2);
        double varianceOther = squareOther / count - Math.pow(sumOther / count, 2);
        return covariance / Math.sqrt(varianceOne * varianceOther);
    }
}
