package grintel.formats.chart;

import grintel.core.chart.Chart;
import grintel.core.chart.ChartArtist;
import grintel.core.edit.NewImage;
import grintel.core.paper.Inline;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.jfree.chart.JFreeChart;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Draws a chart at 300 dots an inch and as SVG, whose letters are outlines, so that no face has to be there to see it. */
public final class ChartDrawing implements ChartArtist {
    private static final double DOTS_PER_POINT = 300 / 72.0;
    private static final String SVG = "http://www.w3.org/2000/svg";

    static {
        // It only draws into memory; without this a missing display would be looked for.
        System.setProperty("java.awt.headless", "true");
    }

    @Override
    public NewImage draw(Chart chart, int width, int height) {
        JFreeChart drawn = ChartStyle.of(chart);
        return NewImage.drawn(dots(drawn, width, height), lines(drawn, width, height), pixels(width, height));
    }

    /**
     * An image as large as a drawn one, with nothing in it: for whoever asks where it stands.
     *
     * @param width points
     * @param height points
     */
    public static NewImage blank(int width, int height) {
        return NewImage.drawn(new byte[0], new byte[0], pixels(width, height));
    }

    /**
     * The dots alone, as PNG.
     *
     * @param width points
     * @param height points
     */
    public static byte[] dots(Chart chart, int width, int height) {
        return dots(ChartStyle.of(chart), width, height);
    }

    private static Inline.Picture.Pixels pixels(int width, int height) {
        return new Inline.Picture.Pixels(
                (int) Math.round(width * DOTS_PER_POINT), (int) Math.round(height * DOTS_PER_POINT));
    }

    private static byte[] dots(JFreeChart chart, int width, int height) {
        int across = pixels(width, height).width();
        int down = pixels(width, height).height();
        BufferedImage image = new BufferedImage(across, down, BufferedImage.TYPE_INT_RGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(Color.WHITE);
        graphics.fillRect(0, 0, across, down);
        graphics.scale(across / (double) width, down / (double) height);
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        graphics.setRenderingHint(RenderingHints.KEY_FRACTIONALMETRICS, RenderingHints.VALUE_FRACTIONALMETRICS_ON);
        chart.draw(graphics, new Rectangle2D.Double(0, 0, width, height));
        graphics.dispose();
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] lines(JFreeChart chart, int width, int height) {
        SVGGeneratorContext context = SVGGeneratorContext.createDefault(emptyDocument());
        context.setComment(null);
        SVGGraphics2D graphics = new SVGGraphics2D(context, true);
        chart.draw(graphics, new Rectangle2D.Double(0, 0, width, height));
        Element root = graphics.getRoot();
        root.setAttributeNS(null, "width", width + "pt");
        root.setAttributeNS(null, "height", height + "pt");
        root.setAttributeNS(null, "viewBox", "0 0 " + width + " " + height);
        // The graphics would write a document type, which names a place on the web.
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            TransformerFactory.newInstance().newTransformer().transform(new DOMSource(root), new StreamResult(out));
        } catch (TransformerException e) {
            throw new IllegalStateException(e);
        }
        return out.toByteArray();
    }

    private static Document emptyDocument() {
        try {
            return DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .getDOMImplementation()
                    .createDocument(SVG, "svg", null);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }
}
