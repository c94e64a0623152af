package grintel.core.typeset;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Arrays;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * The numbers of one shipped face that layout needs: advance widths and the parts of its line, all in units of {@link
 * #unitsPerEm()}. The line's parts are those of the horizontal header table, or of the face it stands in for where the
 * catalogue gives them.
 */
public final class FaceMetrics {
    private static final int UNKNOWN = -1;
    private static final int MISSING = -2;
    private static final int BASIC_PLANE = 0x10000;

    private final String file;
    private final int unitsPerEm;
    private final double ascent;
    private final double descent;
    private final double gap;
    private final TrueTypeFont font;
    private final CmapLookup glyphs;
    private final int[] advances = new int[BASIC_PLANE];

    private FaceMetrics(String file, TrueTypeFont font, FaceCatalogue.Line line) throws IOException {
        this.file = file;
        this.font = font;
        this.unitsPerEm = font.getUnitsPerEm();
        this.glyphs = font.getUnicodeCmapLookup();
        if (line.isGiven()) {
            this.ascent = line.ascent() / (double) line.unitsPerEm();
            this.descent = line.descent() / (double) line.unitsPerEm();
            this.gap = line.gap() / (double) line.unitsPerEm();
        } else {
            var header = font.getHorizontalHeader();
            this.ascent = header.getAscender() / (double) unitsPerEm;
            this.descent = -header.getDescender() / (double) unitsPerEm;
            this.gap = header.getLineGap() / (double) unitsPerEm;
        }
        Arrays.fill(advances, UNKNOWN);
    }

    /** Reads a shipped face; {@code file} has no ending, such as {@code LiberationSerif-Bold}. */
    static FaceMetrics load(String file, FaceCatalogue.Line line) {
        try (InputStream in = FaceCatalogue.open(file)) {
            return new FaceMetrics(file, new TTFParser().parse(new RandomAccessReadBuffer(in)), line);
        } catch (IOException e) {
            throw new UncheckedIOException("The shipped face " + file + " cannot be read", e);
        }
    }

    /** Name of the face's file without its ending. */
    public String file() {
        return file;
    }

    /** Units in the type size. */
    public int unitsPerEm() {
        return unitsPerEm;
    }

    /** Height above the baseline, as a part of the type size. */
    public double ascent() {
        return ascent;
    }

    /** Depth below the baseline, as a part of the type size; positive. */
    public double descent() {
        return descent;
    }

    /** Space the face asks for between lines, as a part of the type size. */
    public double gap() {
        return gap;
    }

    /** One line of the face: ascent, descent and gap, as a part of the type size. */
    public double line() {
        return ascent + descent + gap;
    }

    /** Whether the face has a glyph for the character. */
    public boolean has(int codePoint) {
        return lookUp(codePoint) != MISSING;
    }

    /** The character to draw for one the face may lack but has a lookalike of; itself where it has it. */
    public int drawn(int codePoint) {
        synchronized (font) {
            return glyphs.getGlyphId(codePoint) != 0 ? codePoint : lookalike(codePoint);
        }
    }

    /** No-break space and the two hyphens look like their plain kin; some faces leave them out. */
    private static int lookalike(int codePoint) {
        return switch (codePoint) {
            case 0x00A0, 0x2007, 0x202F -> ' ';
            case 0x2011, 0x00AD -> '-';
            default -> codePoint;
        };
    }

    /** Advance width of a character in units of the em; that of the missing-glyph sign where the face lacks it. */
    public int advance(int codePoint) {
        int advance = lookUp(codePoint);
        return advance == MISSING ? widthOf(0) : advance;
    }

    /** One line of type of this size, in millipoints. */
    public double lineAt(int halfPoints) {
        return line() * halfPoints * Millipoints.PER_POINT / 2.0;
    }

    // Races are harmless: two threads would store the same number.
    private int lookUp(int codePoint) {
        if (codePoint >= BASIC_PLANE) {
            return measure(codePoint);
        }
        int advance = advances[codePoint];
        if (advance == UNKNOWN) {
            advance = measure(codePoint);
            advances[codePoint] = advance;
        }
        return advance;
    }

    private int measure(int codePoint) {
        synchronized (font) {
            int glyph = glyphs.getGlyphId(codePoint);
            if (glyph == 0) {
                glyph = glyphs.getGlyphId(lookalike(codePoint));
            }
            return glyph == 0 ? MISSING : widthOf(glyph);
        }
    }

    private int widthOf(int glyph) {
        try {
            return font.getAdvanceWidth(glyph);
        } catch (IOException e) {
            throw new UncheckedIOException("The shipped face " + file + " cannot be read", e);
        }
    }
}
