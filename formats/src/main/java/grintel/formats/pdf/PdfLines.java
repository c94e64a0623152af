package grintel.formats.pdf;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.ViewBox;
import de.rototor.pdfbox.graphics2d.PdfBoxGraphics2D;
import grintel.formats.UnreadableFileException;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.jspecify.annotations.Nullable;

/**
 * A picture that a file has as lines too (SVG 1.1), as a form of a PDF. Only what shapes are made of is taken, so that no
 * file leads anywhere, grows when it is drawn, or brings faces, images or transparency along.
 */
final class PdfLines {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final Set<String> SHAPES =
            Set.of("svg", "g", "defs", "clipPath", "path", "line", "rect", "circle", "ellipse", "polyline", "polygon");
    private static final int MOST_BYTES = 8 * 1024 * 1024;
    private static final LoaderContext CONTEXT = LoaderContext.builder()
            .externalResourcePolicy(ResourcePolicy.DENY_ALL)
            .build();

    private PdfLines() {}

    /** The form, one unit wide and high; null where the lines are more than shapes or cannot be read. */
    static @Nullable PDFormXObject form(PDDocument document, byte[] svg) {
        if (svg.length > MOST_BYTES || !isOfShapes(svg)) {
            return null;
        }
        try {
            SVGDocument lines = new SVGLoader().load(new ByteArrayInputStream(svg), null, CONTEXT);
            if (lines == null || lines.size().width < 1 || lines.size().height < 1) {
                return null;
            }
            float width = lines.size().width;
            float height = lines.size().height;
            PdfBoxGraphics2D graphics = new PdfBoxGraphics2D(document, width, height);
            lines.renderWithPlatform(NullPlatformSupport.INSTANCE, graphics, new ViewBox(0, 0, width, height));
            graphics.dispose();
            PDFormXObject out = graphics.getXFormObject();
            out.setMatrix(AffineTransform.getScaleInstance(1 / width, 1 / height));
            return out;
        } catch (IOException | RuntimeException e) {
            // The dots stand in for lines that cannot be drawn.
            return null;
        }
    }

    private static boolean isOfShapes(byte[] svg) {
        try {
            return isOfShapes(XmlDocument.parse("figure.svg", svg, Map.of()).root());
        } catch (UnreadableFileException e) {
            return false;
        }
    }

    private static boolean isOfShapes(XmlElement element) {
        return element.namespace().equals(SVG)
                && SHAPES.contains(element.name())
                && element.attribute("style") == null
                && element.attribute("opacity") == null
                && element.elements().stream().allMatch(PdfLines::isOfShapes);
    }
}
