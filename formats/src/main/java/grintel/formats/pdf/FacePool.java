package grintel.formats.pdf;

import grintel.core.typeset.FaceCatalogue;
import java.io.IOException;
import java.io.InputStream;
import java.util.Deque;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedDeque;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * Faces parsed for embedding, lent to one PDF at a time: parsing takes longer than writing a short paper, and the
 * library's faces are not made for several threads.
 */
final class FacePool {
    private static final Map<String, Deque<TrueTypeFont>> IDLE = new ConcurrentHashMap<>();

    private FacePool() {}

    /** A face by the name of its file; give it back when the PDF is written. */
    static TrueTypeFont borrow(String file) throws IOException {
        TrueTypeFont idle =
                IDLE.computeIfAbsent(file, key -> new ConcurrentLinkedDeque<>()).poll();
        if (idle != null) {
            return idle;
        }
        try (InputStream in = FaceCatalogue.open(file)) {
            TrueTypeFont parsed = new TTFParser().parse(new RandomAccessReadBuffer(in));
            // Layout sets no ligatures, so the PDF must not either.
            parsed.setEnableGsub(false);
            return parsed;
        }
    }

    static void giveBack(String file, TrueTypeFont face) {
        IDLE.computeIfAbsent(file, key -> new ConcurrentLinkedDeque<>()).push(face);
    }
}
