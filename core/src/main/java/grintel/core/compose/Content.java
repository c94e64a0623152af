package grintel.core.compose;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The words of a paper besides those its facts give: what a composed paper holds, in order, before it has any looks.
 *
 * @param summary paragraphs of the abstract; used where the brief asks for an abstract
 * @param keywords words of the line under the abstract
 * @param authorNote paragraphs at the foot of a title page; used where the brief asks for them
 * @param text from the first paragraph under the title to the last before the back matter
 * @param sources entries of the list of sources; none for no list
 * @param appendices in order
 */
public record Content(
        List<Line> summary,
        List<String> keywords,
        List<Line> authorNote,
        List<Piece> text,
        List<Line> sources,
        List<Appendix> appendices) {
    /** No words at all. */
    public static final Content NONE = new Content(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

    public Content {
        summary = List.copyOf(summary);
        keywords = List.copyOf(keywords);
        authorNote = List.copyOf(authorNote);
        text = List.copyOf(text);
        sources = List.copyOf(sources);
        appendices = List.copyOf(appendices);
    }

    /** Words of one paragraph, stretch by stretch. */
    public record Line(List<Span> spans) {
        public Line {
            spans = List.copyOf(spans);
        }

        /** Words without emphasis. */
        public static Line of(String words) {
            return new Line(List.of(Span.plain(words)));
        }

        /** Words in which every second stretch is slanted, the first one upright. */
        public static Line alternating(String... stretches) {
            Span[] spans = new Span[stretches.length];
            for (int i = 0; i < stretches.length; i++) {
                spans[i] = new Span(stretches[i], i % 2 == 1, false, null);
            }
            return new Line(Arrays.asList(spans));
        }

        /** The words, without what notes say. */
        public String words() {
            StringBuilder out = new StringBuilder();
            spans.forEach(span -> out.append(span.words()));
            return out.toString();
        }
    }

    /**
     * A stretch of words of one look.
     *
     * @param note what the note says that is called at its end; null for none
     */
    public record Span(
            String words,
            boolean italic,
            boolean bold,
            @Nullable Line note) {
        public static Span plain(String words) {
            return new Span(words, false, false, null);
        }

        /** This stretch with a note called at its end. */
        public Span noted(Line what) {
            return new Span(words, italic, bold, what);
        }
    }

    /** A thing of the text. */
    public sealed interface Piece {}

    /** A paragraph of text. */
    public record Text(Line line) implements Piece {
        public static Text of(String words) {
            return new Text(Line.of(words));
        }
    }

    /**
     * A heading.
     *
     * @param level from 1
     */
    public record Heading(int level, Line line) implements Piece {}

    /** A quotation set off from the text. */
    public record Quotation(List<Line> paragraphs) implements Piece {
        public Quotation {
            paragraphs = List.copyOf(paragraphs);
        }
    }

    /** A list in the text. */
    public record Listing(boolean numbered, List<Line> items) implements Piece {
        public Listing {
            items = List.copyOf(items);
        }
    }

    /**
     * A table with what belongs to it.
     *
     * @param rows of cells, the heads first; all of one length
     * @param note what stands under it, empty for nothing
     */
    public record Grid(String title, List<List<Line>> rows, String note) implements Piece {
        public Grid {
            rows = rows.stream().map(List::copyOf).toList();
        }
    }

    /**
     * A picture with what belongs to it.
     *
     * @param image name of a part of the file
     * @param width EMU
     * @param height EMU
     * @param alternative what it shows, in words
     */
    public record Figure(String title, String image, long width, long height, String alternative, String note)
            implements Piece {}

    /** An appendix. */
    public record Appendix(String title, List<Piece> text) {
        public Appendix {
            text = List.copyOf(text);
        }
    }
}
