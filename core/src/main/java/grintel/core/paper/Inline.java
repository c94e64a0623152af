package grintel.core.paper;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** What stands in a line of a paragraph. */
public sealed interface Inline {
    /** The run it stands in. */
    Run run();

    /** The same in another run. */
    Inline in(Run other);

    /** The formatting of that run. */
    default Formatting format() {
        return run().format();
    }

    /** How many of the paragraph's characters it is ({@link Paragraph#characters()}): 1 for an object, 0 for what has no extent. */
    default int length() {
        return 1;
    }

    /** Characters of one run. */
    record Text(String text, Run run) implements Inline {
        @Override
        public Text in(Run other) {
            return new Text(text, other);
        }

        @Override
        public int length() {
            return text.length();
        }

        /** Where the hyperlink they stand in leads; see {@link Run#link()}. */
        public String link() {
            return run.link();
        }

        public boolean linked() {
            return run.linked();
        }

        public boolean hidden() {
            return run.hidden();
        }
    }

    /**
     * A tab.
     *
     * @param position where the text after it stands whatever stops there are; null for an ordinary tab
     */
    record Tab(Run run, @Nullable TabPosition position) implements Inline {
        @Override
        public Tab in(Run other) {
            return new Tab(other, position);
        }
    }

    /** A break inside a paragraph. */
    record Break(Break.Kind kind, Run run) implements Inline {
        @Override
        public Break in(Run other) {
            return new Break(kind, other);
        }

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
    record Field(Field.Kind kind, String shown, Run run) implements Inline {
        @Override
        public Field in(Run other) {
            return new Field(kind, shown, other);
        }

        /** The fields that change from page to page; all others are read as the text they last showed. */
        public enum Kind {
            PAGE,
            PAGE_COUNT,
            SECTION_PAGE_COUNT
        }
    }

    /**
     * The raised number or sign in the text that calls a note, or the same at the head of the note itself.
     *
     * @param sign as it stands; empty where the text itself gives the sign after it
     */
    record NoteSign(Story note, String sign, boolean inNote, Run run) implements Inline {
        @Override
        public NoteSign in(Run other) {
            return new NoteSign(note, sign, inNote, other);
        }
    }

    /**
     * A picture.
     *
     * @param width EMU as placed
     * @param height EMU as placed
     * @param anchor where it stands, null for a picture in the line
     * @param alternative the text alternative, empty where there is none
     * @param target name of the part with the image in the file, empty where it is linked or unknown
     * @param pixels how many dots the image has; null where it is not made of dots or cannot be read
     */
    record Picture(
            Kind kind,
            long width,
            long height,
            @Nullable Anchor anchor,
            String alternative,
            String target,
            @Nullable Pixels pixels,
            Run run)
            implements Inline {
        @Override
        public Picture in(Run other) {
            return new Picture(kind, width, height, anchor, alternative, target, pixels, other);
        }

        /** Dots across and down, at least 1 each. */
        public record Pixels(int width, int height) {}

        /** What is drawn. */
        public enum Kind {
            IMAGE,
            CHART,
            DIAGRAM,
            DRAWING,
            EMBEDDED_OBJECT
        }
    }

    /** A box of text beside the flow; EMU. */
    record TextBox(long width, long height, Anchor anchor, List<Block> blocks, Run run) implements Inline {
        public TextBox {
            blocks = List.copyOf(blocks);
        }

        @Override
        public TextBox in(Run other) {
            return new TextBox(width, height, anchor, blocks, other);
        }

        /** Its paragraphs, those in table cells included. */
        public List<Paragraph> paragraphs() {
            return Blocks.paragraphs(blocks);
        }
    }

    /**
     * Characters with a gloss above them (ISO 29500-1 §17.3.3.25).
     *
     * @param text the characters in the line
     * @param gloss what stands above them
     */
    record Ruby(String text, String gloss, Run run) implements Inline {
        @Override
        public Ruby in(Run other) {
            return new Ruby(text, gloss, other);
        }
    }

    /** Characters that a tracked change deleted; nobody reads them, but rejecting the change brings them back. */
    record Deleted(String text, Run run) implements Inline {
        @Override
        public Deleted in(Run other) {
            return new Deleted(text, other);
        }

        @Override
        public int length() {
            return 0;
        }
    }

    /**
     * Where a bookmark or a comment starts or ends.
     *
     * @param name the bookmark's name, or the comment's id
     */
    record Edge(Edge.Kind kind, String name, Run run) implements Inline {
        @Override
        public Edge in(Run other) {
            return new Edge(kind, name, other);
        }

        @Override
        public int length() {
            return 0;
        }

        /** Which end of what. */
        public enum Kind {
            BOOKMARK_START,
            BOOKMARK_END,
            COMMENT_START,
            COMMENT_END,
            /** Where the comment's sign stands. */
            COMMENT;

            public boolean isOfComment() {
                return this == COMMENT_START || this == COMMENT_END || this == COMMENT;
            }
        }
    }
}
