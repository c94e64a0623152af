package grintel.formats.pdf;

import java.io.ByteArrayOutputStream;
import java.util.Arrays;
import org.apache.pdfbox.cos.COSName;

/**
 * The operators of one page's content (ISO 32000-1, annex A). Written here and not through the library's own stream,
 * which looks up and encodes each character anew and takes most of the time of a long paper. Lengths are millipoints,
 * from the sheet's bottom left corner as PDF has it.
 */
final class ContentStream {
    /** What a character and its move may take at the most. */
    private static final int MOST_BYTES = 24;

    private byte[] out = new byte[16 * 1024];
    private int length;
    private int colour;
    private String font = "";
    private int size;

    /** A code as it stands in a string (ISO 32000-1 §7.3.4.2). */
    static byte[] escaped(byte[] code) {
        ByteArrayOutputStream out = new ByteArrayOutputStream(code.length * 2);
        for (byte each : code) {
            switch (each) {
                case '(', ')', '\\' -> {
                    out.write('\\');
                    out.write(each);
                }
                case '\r' -> out.writeBytes(new byte[] {'\\', 'r'});
                case '\n' -> out.writeBytes(new byte[] {'\\', 'n'});
                default -> out.write(each);
            }
        }
        return out.toByteArray();
    }

    byte[] bytes() {
        return Arrays.copyOf(out, length);
    }

    // ---- marked content

    void beginArtifact() {
        put("/Artifact BMC\n");
    }

    void begin(String type, int number) {
        put('/');
        put(type);
        put(" <</MCID ");
        put(number);
        put(">> BDC\n");
    }

    void end() {
        put("EMC\n");
    }

    // ---- shapes and pictures

    /** Sets the colour of fills and text from then on, 0xRRGGBB. */
    void colour(int rgb) {
        if (rgb != colour) {
            colour = rgb;
            for (int shift = 16; shift >= 0; shift -= 8) {
                number(Math.round((rgb >> shift & 0xFF) * 1000 / 255f));
            }
            put("rg\n");
        }
    }

    void fill(int x, int y, int width, int height) {
        rectangle(x, y, width, height);
        put("f\n");
    }

    void frame(int x, int y, int width, int height) {
        rectangle(x, y, width, height);
        put("S\n");
    }

    private void rectangle(int x, int y, int width, int height) {
        number(x);
        number(y);
        number(width);
        number(height);
        put("re ");
    }

    void picture(COSName name, int x, int y, int width, int height) {
        put("q ");
        number(width);
        put("0 0 ");
        number(height);
        number(x);
        number(y);
        put("cm /");
        put(name.getName());
        put(" Do Q\n");
    }

    // ---- text

    void beginText() {
        put("BT\n");
    }

    void endText() {
        put("ET\n");
    }

    /** @param points thousandths of a point */
    void font(String name, int points) {
        if (points != size || !name.equals(font)) {
            font = name;
            size = points;
            put('/');
            put(name);
            put(' ');
            number(points);
            put("Tf\n");
        }
    }

    void characterSpacing(int spacing) {
        number(spacing);
        put("Tc\n");
    }

    /** @param scale per cent */
    void horizontalScaling(int scale) {
        put(scale);
        put(" Tz\n");
    }

    void moveTo(int x, int y) {
        put("1 0 0 1 ");
        number(x);
        number(y);
        put("Tm\n");
    }

    /** Opens a string for so many characters, each of which may be moved. */
    void beginCharacters(int count) {
        put("[(");
        reserve(count * MOST_BYTES);
    }

    /** A character by its escaped code. */
    void character(byte[] code) {
        byte[] to = out;
        int at = length;
        for (byte each : code) {
            to[at++] = each;
        }
        length = at;
    }

    /** Moves what follows back by so many thousandths of the type size. */
    void moveBack(double thousandths) {
        put(')');
        number((int) Math.round(thousandths * 1000));
        put('(');
    }

    void endCharacters() {
        put(")] TJ\n");
    }

    /** A number given in thousandths, and a space. */
    private void number(int thousandths) {
        int value = thousandths;
        if (value < 0) {
            put('-');
            value = -value;
        }
        put(value / 1000);
        int rest = value % 1000;
        if (rest > 0) {
            put('.');
            put((char) ('0' + rest / 100));
            if (rest % 100 > 0) {
                put((char) ('0' + rest / 10 % 10));
                if (rest % 10 > 0) {
                    put((char) ('0' + rest % 10));
                }
            }
        }
        put(' ');
    }

    private void put(char c) {
        reserve(1);
        out[length++] = (byte) c;
    }

    /** Operators, names and numbers, which are ASCII. */
    private void put(String text) {
        int more = text.length();
        reserve(more);
        for (int i = 0; i < more; i++) {
            out[length++] = (byte) text.charAt(i);
        }
    }

    private void put(int number) {
        if (number < 10) {
            put((char) ('0' + number));
        } else {
            put(number / 10);
            put((char) ('0' + number % 10));
        }
    }

    private void reserve(int more) {
        if (length + more > out.length) {
            out = Arrays.copyOf(out, Math.max(length + more, out.length * 2));
        }
    }
}
