package grintel.formats.pdf;

import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.cos.COSName;

/**
 * The operators of one page's content (ISO 32000-1, annex A). Written here and not through the library's own stream,
 * which looks up and encodes each character anew and takes most of the time of a long paper. Lengths are millipoints,
 * from the sheet's bottom left corner as PDF has it.
 */
final class ContentStream {
    private final StringBuilder out = new StringBuilder(8192);
    private int colour;
    private String font = "";
    private int size;

    /** A code as it stands in a string (ISO 32000-1 §7.3.4.2), one character a byte. */
    static String escaped(byte[] code) {
        StringBuilder out = new StringBuilder(code.length * 2);
        for (byte each : code) {
            char c = (char) (each & 0xFF);
            switch (c) {
                case '(', ')', '\\' -> out.append('\\').append(c);
                case '\r' -> out.append("\\r");
                case '\n' -> out.append("\\n");
                default -> out.append(c);
            }
        }
        return out.toString();
    }

    byte[] bytes() {
        return out.toString().getBytes(StandardCharsets.ISO_8859_1);
    }

    // ---- marked content

    void beginArtifact() {
        out.append("/Artifact BMC\n");
    }

    void begin(String type, int number) {
        out.append('/').append(type).append(" <</MCID ").append(number).append(">> BDC\n");
    }

    void end() {
        out.append("EMC\n");
    }

    // ---- shapes and pictures

    /** Sets the colour of fills and text from then on, 0xRRGGBB. */
    void colour(int rgb) {
        if (rgb != colour) {
            colour = rgb;
            for (int shift = 16; shift >= 0; shift -= 8) {
                number(Math.round((rgb >> shift & 0xFF) * 1000 / 255f));
            }
            out.append("rg\n");
        }
    }

    void fill(int x, int y, int width, int height) {
        rectangle(x, y, width, height);
        out.append("f\n");
    }

    void frame(int x, int y, int width, int height) {
        rectangle(x, y, width, height);
        out.append("S\n");
    }

    private void rectangle(int x, int y, int width, int height) {
        number(x);
        number(y);
        number(width);
        number(height);
        out.append("re ");
    }

    void picture(COSName name, int x, int y, int width, int height) {
        out.append("q ");
        number(width);
        out.append("0 0 ");
        number(height);
        number(x);
        number(y);
        out.append("cm /").append(name.getName()).append(" Do Q\n");
    }

    // ---- text

    void beginText() {
        out.append("BT\n");
    }

    void endText() {
        out.append("ET\n");
    }

    /** @param points thousandths of a point */
    void font(String name, int points) {
        if (points != size || !name.equals(font)) {
            font = name;
            size = points;
            out.append('/').append(name).append(' ');
            number(points);
            out.append("Tf\n");
        }
    }

    void characterSpacing(int spacing) {
        number(spacing);
        out.append("Tc\n");
    }

    /** @param scale per cent */
    void horizontalScaling(int scale) {
        out.append(scale).append(" Tz\n");
    }

    void moveTo(int x, int y) {
        out.append("1 0 0 1 ");
        number(x);
        number(y);
        out.append("Tm\n");
    }

    void beginCharacters() {
        out.append("[(");
    }

    /** A character by its escaped code. */
    void character(String code) {
        out.append(code);
    }

    /** Moves what follows back by so many thousandths of the type size. */
    void moveBack(double thousandths) {
        out.append(')');
        number((int) Math.round(thousandths * 1000));
        out.append('(');
    }

    void endCharacters() {
        out.append(")] TJ\n");
    }

    /** A number given in thousandths, and a space. */
    private void number(int thousandths) {
        int value = thousandths;
        if (value < 0) {
            out.append('-');
            value = -value;
        }
        out.append(value / 1000);
        int rest = value % 1000;
        if (rest > 0) {
            out.append('.').append((char) ('0' + rest / 100));
            if (rest % 100 > 0) {
                out.append((char) ('0' + rest / 10 % 10));
                if (rest % 10 > 0) {
                    out.append((char) ('0' + rest % 10));
                }
            }
        }
        out.append(' ');
    }
}
