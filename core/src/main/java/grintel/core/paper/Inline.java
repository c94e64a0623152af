package grintel.core.paper;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What stands in a line of a paragraph. */
public sealed interface Inline {
    /** The run it stands in, counted from 0 in the paragraph. */
    int run();

    /** The formatting of that run. */
    Formatting format();

    /**
     * Characters of one run.
     *
     * @param offset where they start among the characters of their run
     * @param link where the hyperlink they stand in leads: an address, {@code #} and a bookmark's name, {@code #} alone
     *     where that cannot be told; empty outside hyperlinks
     */
    record Text(String text, int run, int offset, Formatting format, String link) implements Inline {
        public boolean linked() {
            return !link.isEmpty();
        }

        public boolean hidden() {
            return format.get(CharacterProperties.HIDDEN);
        }
    }

    /** A tab. */
    record Tab(int run, int offset, Formatting format) implements Inline {}

    /** A break inside a paragraph. */
    record Break(Break.Kind kind, int run, int offset, Formatting format) implements Inline {
        /** Where the text goes on. */
        public enum Kind {
            LINE,
            PAGE,
            COLUMN
        }
    }

    /**
     * A number or other value that is worked out.
     *
     * @param shown what the file says it was last time
     */
    record Field(Field.Kind kind, String shown, int run, Formatting format) implements Inline {
        /** The fields that change from page to page; all others are read as the text they last showed. */
        public enum Kind {
            PAGE,
            PAGE_COUNT,
            SECTION_PAGE_COUNT
        }
    }

    /** The raised number or sign in the text that calls a note, or the same at the head of the note itself. */
    record NoteSign(Story note, String sign, boolean inNote, int run, Formatting format) implements Inline {}

    /**
     * A picture.
     *
     * @param width EMU as placed
     * @param height EMU as placed
     * @param anchor where it stands, null for a picture in the line
     * @param alternative the text alternative, empty where there is none
     * @param target name of the part with the image in the file, empty where it is linked or unknown
     */
    record Picture(
            long width,
            long height,
            @Nullable Anchor anchor,
            String alternative,
            String target,
            int run,
            Formatting format)
            implements Inline {}

    /** A box of text beside the flow; EMU. */
    record TextBox(long width, long height, Anchor anchor, List<Paragraph> paragraphs, int run, Formatting format)
            implements Inline {
        public TextBox {
            paragraphs = List.copyOf(paragraphs);
        }
    }
}
