package grintel.formats.demo;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

/** Draws the pictures of the sample papers. */
final class DemoPictures {
    private static final int WIDTH = 1200;
    private static final int HEIGHT = 700;

    private DemoPictures() {}

    /** The low canal from the weir: banks, a lamp, and its ring of shadow on the water. */
    static byte[] canal() {
        BufferedImage image = blank();
        Graphics2D pen = pen(image);
        for (int i = 0; i < 26; i++) {
            double y = 330 + i * 14;
            pen.draw(new Line2D.Double(120 - i * 4, y, 1080 + i * 4, y + (i % 3) * 2));
        }
        pen.setStroke(new BasicStroke(5));
        pen.draw(new Line2D.Double(600, 90, 600, 330));
        pen.draw(new Line2D.Double(560, 130, 640, 130));
        pen.draw(new Ellipse2D.Double(575, 60, 50, 60));
        pen.setStroke(new BasicStroke(9));
        pen.draw(new Ellipse2D.Double(470, 420, 260, 70));
        Path2D bank = new Path2D.Double();
        bank.moveTo(0, 330);
        bank.curveTo(300, 260, 420, 320, 600, 330);
        bank.curveTo(820, 320, 960, 250, 1200, 330);
        pen.setStroke(new BasicStroke(4));
        pen.draw(bank);
        return png(image, pen);
    }

    /** The share of feeding birds through the hour around the first bell: it falls before the bell is rung. */
    static byte[] feedingCurve() {
        BufferedImage image = blank();
        Graphics2D pen = pen(image);
        pen.setStroke(new BasicStroke(4));
        pen.draw(new Line2D.Double(120, 60, 120, 600));
        pen.draw(new Line2D.Double(120, 600, 1120, 600));
        Path2D clear = new Path2D.Double();
        clear.moveTo(120, 160);
        clear.curveTo(420, 150, 700, 175, 1120, 165);
        pen.draw(clear);
        Path2D foggy = new Path2D.Double();
        foggy.moveTo(120, 170);
        foggy.curveTo(380, 190, 480, 380, 640, 440);
        foggy.curveTo(800, 500, 960, 430, 1120, 400);
        pen.setStroke(new BasicStroke(4, BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND, 1, new float[] {18, 12}, 0));
        pen.draw(foggy);
        pen.setStroke(new BasicStroke(2));
        pen.draw(new Line2D.Double(640, 60, 640, 600));
        return png(image, pen);
    }

    private static BufferedImage blank() {
        return new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_BYTE_GRAY);
    }

    private static Graphics2D pen(BufferedImage image) {
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        pen.setColor(Color.DARK_GRAY);
        pen.setStroke(new BasicStroke(2));
        return pen;
    }

    private static byte[] png(BufferedImage image, Graphics2D pen) {
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }
}
