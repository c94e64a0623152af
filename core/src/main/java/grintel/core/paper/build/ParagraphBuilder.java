package grintel.core.paper.build;

import grintel.core.paper.Anchor;
import grintel.core.paper.Inline;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.Story;
import grintel.core.paper.TabPosition;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Gathers a paragraph run by run. */
public final class ParagraphBuilder implements BlockList.BlockDraft {
    final List<RunDraft> runs = new ArrayList<>();
    PropertySet direct = PropertySet.empty();
    PropertySet mark = PropertySet.empty();
    Revision markRevision = Revision.NONE;
    boolean endsSection;

    @Nullable
    String style;

    private @Nullable String runStyle;
    private String link = "";
    private Revision revision = Revision.NONE;

    ParagraphBuilder() {}

    /** Names the paragraph's style. */
    public ParagraphBuilder style(String id) {
        style = id;
        return this;
    }

    /** Sets a property of the paragraph itself. */
    public <T> ParagraphBuilder set(Property<T> property, T value) {
        direct = direct.with(property, value);
        return this;
    }

    /** Sets properties of the paragraph itself. */
    public ParagraphBuilder set(PropertySet properties) {
        direct = properties.over(direct);
        return this;
    }

    /** Sets properties of the paragraph's mark. */
    public ParagraphBuilder mark(PropertySet properties) {
        mark = properties.over(mark);
        return this;
    }

    /** Says how the paragraph's mark takes part in tracked changes. */
    public ParagraphBuilder markRevision(Revision its) {
        markRevision = its;
        return this;
    }

    /** The runs that follow name this character style; null for none. */
    public ParagraphBuilder runStyle(@Nullable String id) {
        runStyle = id;
        return this;
    }

    /** The runs that follow stand in a hyperlink; empty for none. */
    public ParagraphBuilder link(String target) {
        link = target;
        return this;
    }

    /** The runs that follow take part in tracked changes. */
    public ParagraphBuilder revision(Revision its) {
        revision = its;
        return this;
    }

    /** Adds characters without formatting of their own; tabs, line feeds and form feeds become tabs and breaks. */
    public ParagraphBuilder text(String text) {
        return text(text, PropertySet.empty());
    }

    /** Adds characters with formatting of their own. */
    public ParagraphBuilder text(String text, PropertySet format) {
        return text.isEmpty() ? this : add(format, new Piece.Characters(text));
    }

    /** Adds a tab. */
    public ParagraphBuilder tab() {
        return text("\t");
    }

    /** Adds a tab after which the text stands at a place of the page. */
    public ParagraphBuilder tab(TabPosition position) {
        return add(PropertySet.empty(), new Piece.Positioned(position));
    }

    /** Adds a break to a new line. */
    public ParagraphBuilder lineBreak() {
        return text("\n");
    }

    /** Adds a break to a new page. */
    public ParagraphBuilder pageBreak() {
        return text("\f");
    }

    /** Adds a live page number. */
    public ParagraphBuilder pageNumber(PropertySet format) {
        return field(Inline.Field.Kind.PAGE, "1", format);
    }

    /** Adds a value that is worked out. */
    public ParagraphBuilder field(Inline.Field.Kind kind, String shown, PropertySet format) {
        return add(format, new Piece.Value(kind, shown));
    }

    /** Calls a note of one kind, without a sign at its head. */
    public ParagraphBuilder note(Story.Kind kind, PropertySet format, Consumer<BlockList> content) {
        BlockList blocks = new BlockList();
        content.accept(blocks);
        return add(format, new Piece.Call(kind, blocks));
    }

    /** Adds the sign of the note in which the paragraph stands. */
    public ParagraphBuilder noteSign(PropertySet format) {
        return add(format, new Piece.OwnSign());
    }

    /**
     * Adds a picture in the line.
     *
     * @param target name of the part with the image
     * @param width EMU
     * @param height EMU
     */
    public ParagraphBuilder picture(String target, long width, long height, String alternative) {
        return picture(target, width, height, null, alternative);
    }

    /** Adds a picture, beside the flow where it has an anchor. */
    public ParagraphBuilder picture(
            String target, long width, long height, @Nullable Anchor anchor, String alternative) {
        return picture(target, width, height, anchor, alternative, null);
    }

    /** Adds a picture whose dots are known. */
    public ParagraphBuilder picture(
            String target,
            long width,
            long height,
            @Nullable Anchor anchor,
            String alternative,
            Inline.Picture.@Nullable Pixels pixels) {
        return add(PropertySet.empty(), new Piece.Image(target, width, height, anchor, alternative, pixels));
    }

    /** Adds a box of text beside the flow. */
    public ParagraphBuilder box(long width, long height, Anchor anchor, Consumer<BlockList> content) {
        BlockList blocks = new BlockList();
        content.accept(blocks);
        return add(PropertySet.empty(), new Piece.Box(width, height, anchor, blocks));
    }

    /** Adds the start or the end of a bookmark or a comment. */
    public ParagraphBuilder edge(Inline.Edge.Kind kind, String name) {
        return add(PropertySet.empty(), new Piece.End(kind, name));
    }

    private ParagraphBuilder add(PropertySet format, Piece piece) {
        runs.add(new RunDraft(runStyle, format, link, revision, piece));
        return this;
    }

    /** What is gathered of a run. */
    record RunDraft(@Nullable String style, PropertySet direct, String link, Revision revision, Piece piece) {}

    /** What a run holds. */
    sealed interface Piece {
        record Characters(String text) implements Piece {}

        record Positioned(TabPosition position) implements Piece {}

        record Value(Inline.Field.Kind kind, String shown) implements Piece {}

        record Call(Story.Kind kind, BlockList blocks) implements Piece {}

        record OwnSign() implements Piece {}

        record Image(
                String target,
                long width,
                long height,
                @Nullable Anchor anchor,
                String alternative,
                Inline.Picture.@Nullable Pixels pixels)
                implements Piece {}

        record Box(long width, long height, Anchor anchor, BlockList blocks) implements Piece {}

        record End(Inline.Edge.Kind kind, String name) implements Piece {}
    }
}
