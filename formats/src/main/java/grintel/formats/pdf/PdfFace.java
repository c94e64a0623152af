package grintel.formats.pdf;

import grintel.core.typeset.FaceMetrics;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.jspecify.annotations.Nullable;

/** A face embedded in one PDF, with only the characters that are used. */
final class PdfFace {
    /** Characters up to here are kept in an array, others in a map. */
    private static final int COMMON = 0x2100;

    private final String name;
    private final FaceMetrics metrics;
    private final TrueTypeFont parsed;
    private final PDType0Font font;
    private final @Nullable Glyph[] common = new Glyph[COMMON];
    private final Map<Integer, Glyph> rare = new HashMap<>();

    /** @param name by which pages refer to the face */
    PdfFace(PDDocument document, String name, FaceMetrics metrics) throws IOException {
        this.name = name;
        this.metrics = metrics;
        this.parsed = FacePool.borrow(metrics.file());
        this.font = PDType0Font.load(document, parsed, true);
    }

    /** Embeds the characters used; nothing may be drawn afterwards. */
    void finish() throws IOException {
        font.subset();
        FacePool.giveBack(metrics.file(), parsed);
    }

    String name() {
        return name;
    }

    PDFont font() {
        return font;
    }

    /** How a character is drawn; the first time it is asked for, it is added to what is embedded. */
    Glyph glyph(int codePoint) {
        Glyph known = codePoint < COMMON ? common[codePoint] : rare.get(codePoint);
        if (known == null) {
            known = isInvisible(codePoint) ? Glyph.NONE : make(metrics.drawn(codePoint));
            if (codePoint < COMMON) {
                common[codePoint] = known;
            } else {
                rare.put(codePoint, known);
            }
        }
        return known;
    }

    private Glyph make(int codePoint) {
        try {
            font.addToSubset(codePoint);
            byte[] code = font.encode(Character.toString(codePoint));
            double exact = metrics.advance(codePoint) * 1000.0 / metrics.unitsPerEm();
            return new Glyph(ContentStream.escaped(code), Math.round(exact) - exact);
        } catch (IOException e) {
            throw new UncheckedIOException("The shipped face " + metrics.file() + " cannot be embedded", e);
        }
    }

    private static boolean isInvisible(int codePoint) {
        return codePoint < ' '
                || codePoint == 0x00AD
                || codePoint >= 0x200B && codePoint <= 0x200F
                || codePoint == 0x2060
                || codePoint == 0xFEFF;
    }

    /**
     * A character as drawn.
     *
     * @param code as it stands in a string of the content stream, empty where nothing is drawn
     * @param drift how much wider it is in the PDF, whose fonts have widths in whole thousandths of the size
     */
    record Glyph(byte[] code, double drift) {
        static final Glyph NONE = new Glyph(new byte[0], 0);
    }
}
