package grintel.core.edit;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TextRange;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One change to a paper. Addresses and offsets are those of the paper before any edit of the same list; where edits of
 * a list must not touch is told by {@link EditSet}. Formatting is set before text is replaced, so that what comes in
 * takes the formatting of what goes.
 */
public sealed interface Edit {
    /** Hands this edit to the visitor's method for its kind. */
    void accept(EditVisitor visitor);

    // ---- formatting

    /**
     * Sets a formatting property, or takes away what the target says of it.
     *
     * @param value the value, of the property's type; null to take it away
     */
    record SetProperty(
            Target target, Property<?> property, @Nullable Object value) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.setProperty(this);
        }
    }

    /** Adds a style; the paper has none of its id. */
    record CreateStyle(Style style) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.createStyle(this);
        }
    }

    /** Lets a paragraph name another paragraph style; what it says itself stays. */
    record ApplyStyle(ParagraphAddress paragraph, String style) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.applyStyle(this);
        }
    }

    /** Lets characters name another character style, or none. */
    record ApplyCharacterStyle(TextRange range, @Nullable String style) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.applyCharacterStyle(this);
        }
    }

    /** Says which style a paragraph has that is typed after one of a style. */
    record FollowStyle(String style, String next) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.followStyle(this);
        }
    }

    /**
     * Changes how a level of a list numbers its paragraphs, in all lists of the same definition.
     *
     * @param text the label, with {@code %1} to {@code %9} for the numbers of the levels
     * @param suffix what follows it: tab, space or nothing
     */
    record DefineLevel(int list, int level, NumberFormat format, String text, String suffix) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.defineLevel(this);
        }
    }

    // ---- characters

    /**
     * Puts something in place of characters, in the formatting of the first of them; for an empty range, in that of the
     * character before it. Pictures, signs of notes and boxes of text are no characters.
     */
    record ReplaceText(TextRange range, List<Piece> content) implements Edit {
        public ReplaceText {
            content = List.copyOf(content);
            if (content.stream().anyMatch(Piece.Picture.class::isInstance)) {
                throw new IllegalArgumentException("A picture comes in with a paragraph of its own");
            }
        }

        /** Puts words, or nothing, in place of characters. */
        public static ReplaceText words(TextRange range, String words) {
            return new ReplaceText(range, words.isEmpty() ? List.of() : List.of(new Piece.Words(words)));
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.replaceText(this);
        }
    }

    /**
     * Moves characters, the signs of notes among them, to another place of their paragraph.
     *
     * @param to where they go, outside the range
     */
    record MoveText(TextRange range, int to) implements Edit {
        public MoveText {
            if (to > range.from() && to < range.to()) {
                throw new IllegalArgumentException("Characters cannot move into themselves");
            }
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.moveText(this);
        }
    }

    // ---- paragraphs

    /** Adds a paragraph before or after another, in the same section, cell or note. */
    record InsertParagraph(Position at, NewParagraph paragraph) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.insertParagraph(this);
        }
    }

    /** Adds paragraphs and tables, one after the other, before or after a paragraph in the same section or cell. */
    record InsertBlocks(Position at, List<NewBlock> blocks) implements Edit {
        public InsertBlocks {
            blocks = List.copyOf(blocks);
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.insertBlocks(this);
        }
    }

    /**
     * Takes a paragraph out with its characters. Bookmarks and comments in it go on in its neighbour; one that calls a
     * note, holds a picture or ends a section stays.
     */
    record RemoveParagraph(ParagraphAddress paragraph) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.removeParagraph(this);
        }
    }

    /**
     * Moves neighbouring paragraphs, with all they hold, to another place of their story.
     *
     * @param count how many, at least 1
     */
    record MoveParagraphs(ParagraphAddress first, int count, Position to) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.moveParagraphs(this);
        }
    }

    /**
     * Ends a paragraph before a character; the rest goes on in a new one that looks the same.
     *
     * @param at counted once the characters that edits made with this one change have changed; of several in a paragraph the
     *     last comes first
     * @param rest what the new one says otherwise of itself
     */
    record SplitParagraph(ParagraphAddress paragraph, int at, PropertySet rest) implements Edit {
        public SplitParagraph(ParagraphAddress paragraph, int at) {
            this(paragraph, at, PropertySet.empty());
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.splitParagraph(this);
        }
    }

    /**
     * Makes one paragraph of two neighbours; it looks as the first does.
     *
     * @param between white space that then parts them, or nothing
     */
    record JoinParagraphs(ParagraphAddress first, String between) implements Edit {
        public JoinParagraphs {
            if (!between.isBlank()) {
                throw new IllegalArgumentException("Only white space may come between");
            }
        }

        /** Lets the next paragraph go on in a first one: after a space, unless the first ends with white space. */
        public static JoinParagraphs spaced(Paragraph first) {
            String characters = first.characters();
            boolean apart = !characters.equals(characters.stripTrailing());
            return new JoinParagraphs(first.address(), apart ? "" : " ");
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.joinParagraphs(this);
        }
    }

    // ---- sections, tables, pictures, notes

    /**
     * Sets blocks apart in a section of their own, on sheets of their own; what comes after them begins on a new sheet
     * again. The first of the sections that come of it keeps what the one section says of its headers, footers, first page
     * and numbering; the others go on. Where only a table stands at an edge, a paragraph without words comes in to hold the
     * end of the section.
     *
     * @param first the first paragraph of the blocks, of a table its first
     * @param last the last one, in the same section
     * @param sheet what the section of these blocks says otherwise of itself
     */
    record SetApart(ParagraphAddress first, ParagraphAddress last, PropertySet sheet) implements Edit {
        /** What a paragraph says of itself that holds the end of a section and nothing else: it takes next to no room. */
        public static final PropertySet HOLDER = PropertySet.of(
                        ParagraphProperties.LINE_SPACING, new LineSpacing(LineSpacing.Rule.EXACTLY, 20))
                .with(ParagraphProperties.SPACE_BEFORE, 0)
                .with(ParagraphProperties.SPACE_AFTER, 0);

        /** What only the first of several sections says that were one. */
        public static final List<Property<?>> OF_THE_FIRST = List.of(
                SectionProperties.FIRST_PAGE_DIFFERS, SectionProperties.PAGE_NUMBER_START, SectionProperties.BREAK);

        public SetApart {
            if (!first.story().equals(Story.TEXT) || !last.story().equals(Story.TEXT) || last.index() < first.index()) {
                throw new IllegalArgumentException("Only blocks of the text are set apart, from the first to the last");
            }
            if (sheet.says(SectionProperties.FIRST_PAGE_DIFFERS)) {
                throw new IllegalArgumentException("Sheets set apart show the headers of those before");
            }
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.setApart(this);
        }
    }

    /** Sets the widths of the grid's columns in twips, and those of the cells that stand in them. */
    record SetColumns(TableAddress table, List<Integer> widths) implements Edit {
        public SetColumns {
            widths = List.copyOf(widths);
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.setColumns(this);
        }
    }

    /**
     * Changes a picture.
     *
     * @param at its place among the paragraph's characters
     * @param size EMU, null to leave it
     * @param alternative its text alternative, null to leave it
     * @param intoLine whether it is to stand in its line, wherever it stands now
     */
    record ChangePicture(
            ParagraphAddress paragraph,
            int at,
            @Nullable Size size,
            @Nullable String alternative,
            boolean intoLine) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.changePicture(this);
        }

        /** EMU. */
        public record Size(long width, long height) {}
    }

    /** Adds a note that is called before a character. */
    record InsertNote(ParagraphAddress paragraph, int at, Story.Kind kind, List<NewParagraph> content) implements Edit {
        public InsertNote {
            content = List.copyOf(content);
        }

        /** What the note is called until the file is read again. */
        public Story story() {
            return new Story(kind, "new:" + paragraph.index() + ":" + at);
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.insertNote(this);
        }
    }

    /** Makes a footnote an endnote, or the reverse. */
    record ChangeNoteKind(Story note) implements Edit {
        /** What the note is called until the file is read again. */
        public Story story() {
            boolean foot = note.kind() == Story.Kind.FOOTNOTE;
            return new Story(foot ? Story.Kind.ENDNOTE : Story.Kind.FOOTNOTE, "was:" + note.id());
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.changeNoteKind(this);
        }
    }

    // ---- headers and the paper as a whole

    /**
     * Writes a header or footer of a section anew, in a part of its own where the present one is shared with other
     * sections. What holds nothing but pictures is kept below the line.
     *
     * @param kind header or footer
     * @param addition whether it says all that stands there now and more, so that another addition can be made with it
     */
    record WriteMarginal(
            int section, Story.Kind kind, Marginals.Variant variant, MarginalContent content, boolean addition)
            implements Edit {
        /** Writes something in the place of what stands there. */
        public WriteMarginal(int section, Story.Kind kind, Marginals.Variant variant, MarginalContent content) {
            this(section, kind, variant, content, false);
        }

        /** The edit that makes this addition and another to the same header, null where they say what cannot stand together. */
        @Nullable
        WriteMarginal with(WriteMarginal other) {
            MarginalContent both = addition && other.addition ? content.with(other.content) : null;
            return both == null ? null : new WriteMarginal(section, kind, variant, both, true);
        }

        /** What it is called until the file is read again. */
        public Story story() {
            return new Story(kind, "new:" + section + ":" + variant);
        }

        @Override
        public void accept(EditVisitor visitor) {
            visitor.writeMarginal(this);
        }
    }

    /** Lets a section take its header or footer from the section before. */
    record InheritMarginal(int section, Story.Kind kind, Marginals.Variant variant) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.inheritMarginal(this);
        }
    }

    /**
     * Makes the tracked changes in a paragraph final, as they are read: what was inserted is there, what was deleted gone,
     * and its mark is as any other. A paragraph whose mark was deleted has to be joined with the next by an edit beside it.
     */
    record SettleChanges(ParagraphAddress paragraph) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.settleChanges(this);
        }
    }

    /**
     * Takes a comment out, with the marks of where it stands; the words it is about stay.
     *
     * @param id the comment's
     */
    record RemoveComment(String id) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.removeComment(this);
        }
    }

    /** Turns a setting of the whole file on or off. */
    record SetSetting(Setting setting, boolean on) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.setSetting(this);
        }
    }

    /** Sets a property of the file. */
    record SetFileProperty(FileProperty property, String value) implements Edit {
        @Override
        public void accept(EditVisitor visitor) {
            visitor.setFileProperty(this);
        }
    }

    /** Settings of a whole file. */
    enum Setting {
        EVEN_PAGES_DIFFER,
        HYPHENATION
    }

    /** What a file says of itself. */
    enum FileProperty {
        TITLE,
        AUTHOR,
        /** Tag of the text's language (BCP 47). */
        LANGUAGE
    }
}
