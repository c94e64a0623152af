package grintel.formats.docx;

import grintel.core.paper.Anchor;
import grintel.formats.xml.Escapes;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;

/** The mark-up of pictures and boxes (ISO 29500-1 §20.4), in the namespaces of a transitional or a strict file. */
final class DrawingMarkup {
    static final DrawingMarkup TRANSITIONAL = new DrawingMarkup(Ns.W, Ns.R, Ns.WP, Ns.A, Ns.PIC);
    static final DrawingMarkup STRICT = new DrawingMarkup(
            Ns.STRICT + "wordprocessingml/main",
            Ns.STRICT + "officeDocument/relationships",
            Ns.STRICT + "drawingml/wordprocessingDrawing",
            Ns.STRICT + "drawingml/main",
            Ns.STRICT + "drawingml/picture");

    private static final String WPS = "http://schemas.microsoft.com/office/word/2010/wordprocessingShape";
    /** The published extension by which a picture of dots names the same drawn by lines. */
    private static final String LINES = "http://schemas.microsoft.com/office/drawing/2016/SVG/main";

    private static final String LINES_URI = "{96DAC541-7B7A-43D3-8B79-37D633B846F1}";

    private final String picture;
    private final String declared;

    private DrawingMarkup(String text, String relations, String placed, String drawing, String picture) {
        this.picture = picture;
        this.declared = " xmlns:w=\"" + text + "\" xmlns:r=\"" + relations + "\" xmlns:wp=\"" + placed + "\" xmlns:a=\""
                + drawing + "\" xmlns:pic=\"" + picture + "\"";
    }

    /**
     * A drawing, to be put into a run.
     *
     * @param anchor null for one in the line
     * @param width EMU
     * @param height EMU
     * @param inside what {@link #image} or {@link #box} give
     */
    XmlElement drawing(@Nullable Anchor anchor, long width, long height, String description, String inside) {
        String size = extent("wp:extent", width, height);
        String content = anchor == null
                ? "<wp:inline distT=\"0\" distB=\"0\" distL=\"0\" distR=\"0\">" + size + description + inside
                        + "</wp:inline>"
                : anchored(anchor, size, description, inside);
        byte[] xml = ("<w:drawing" + declared + ">" + content + "</w:drawing>").getBytes(StandardCharsets.UTF_8);
        return XmlDocument.parse("new drawing", xml, Ns.CANONICAL).root();
    }

    /**
     * A number of its own in the file, a name made of it, and the text alternative.
     *
     * @param alternative null for none
     */
    static String description(int number, String name, @Nullable String alternative) {
        return "<wp:docPr id=\"" + number + "\" name=\"" + name + " " + number + "\""
                + (alternative == null ? "" : " descr=\"" + Escapes.attribute(alternative) + "\"") + "/>";
    }

    /**
     * A picture.
     *
     * @param dots reference to the part with the image
     * @param lines reference to the part with the same drawn by lines, or null
     */
    String image(int number, String dots, @Nullable String lines, long width, long height) {
        String blip = lines == null
                ? "<a:blip r:embed=\"" + dots + "\"/>"
                : "<a:blip r:embed=\"" + dots + "\"><a:extLst><a:ext uri=\"" + LINES_URI
                        + "\"><asvg:svgBlip xmlns:asvg=\"" + LINES + "\" r:embed=\"" + lines
                        + "\"/></a:ext></a:extLst></a:blip>";
        return "<a:graphic><a:graphicData uri=\"" + picture + "\"><pic:pic><pic:nvPicPr><pic:cNvPr id=\"" + number
                + "\" name=\"Picture " + number + "\"/><pic:cNvPicPr/></pic:nvPicPr><pic:blipFill>" + blip
                + "<a:stretch><a:fillRect/></a:stretch></pic:blipFill><pic:spPr>" + shape(width, height)
                + "</pic:spPr></pic:pic></a:graphicData></a:graphic>";
    }

    /** A box of text, its content still empty. */
    static String box(long width, long height) {
        return "<a:graphic><a:graphicData uri=\"" + WPS + "\"><wps:wsp xmlns:wps=\"" + WPS
                + "\"><wps:cNvSpPr txBox=\"1\"/><wps:spPr>" + shape(width, height)
                + "</wps:spPr><wps:txbx><w:txbxContent></w:txbxContent></wps:txbx><wps:bodyPr/></wps:wsp>"
                + "</a:graphicData></a:graphic>";
    }

    private static String shape(long width, long height) {
        return "<a:xfrm><a:off x=\"0\" y=\"0\"/>" + extent("a:ext", width, height)
                + "</a:xfrm><a:prstGeom prst=\"rect\"><a:avLst/></a:prstGeom>";
    }

    private static String extent(String name, long width, long height) {
        return "<" + name + " cx=\"" + width + "\" cy=\"" + height + "\"/>";
    }

    private static String anchored(Anchor anchor, String size, String description, String inside) {
        Anchor.Distances white = anchor.distances();
        return "<wp:anchor distT=\"" + white.top() + "\" distB=\"" + white.bottom() + "\" distL=\"" + white.left()
                + "\" distR=\"" + white.right()
                + "\" simplePos=\"0\" relativeHeight=\"1\" behindDoc=\"0\" locked=\"0\" layoutInCell=\"1\""
                + " allowOverlap=\"1\"><wp:simplePos x=\"0\" y=\"0\"/>"
                + axis("positionH", anchor.across(), "column", "left", "right")
                + axis("positionV", anchor.down(), "paragraph", "top", "bottom")
                + size
                + switch (anchor.wrap()) {
                    case NONE -> "<wp:wrapNone/>";
                    case AROUND -> "<wp:wrapSquare wrapText=\"bothSides\"/>";
                    case ABOVE_AND_BELOW -> "<wp:wrapTopAndBottom/>";
                }
                + description + inside + "</wp:anchor>";
    }

    private static String axis(String name, Anchor.Axis axis, String text, String start, String end) {
        String from = switch (axis.from()) {
            case SHEET -> "page";
            case MARGINS -> "margin";
            case TEXT -> text;
        };
        String place = axis.aligned()
                ? "<wp:align>"
                        + switch (axis.alignment()) {
                            case START -> start;
                            case CENTRE -> "center";
                            case END -> end;
                        }
                        + "</wp:align>"
                : "<wp:posOffset>" + axis.offset() + "</wp:posOffset>";
        return "<wp:" + name + " relativeFrom=\"" + from + "\">" + place + "</wp:" + name + ">";
    }
}
