package grintel.core.made;

import grintel.core.edit.NewBlock;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.Piece;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.TableDemands;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The paragraphs round a made table or figure: number, title and notes, in the form the guide asks for. */
public final class ObjectBlocks {
    private static final PropertySet NOTHING = PropertySet.empty();

    /** Flush left, without any room round it. */
    private static final PropertySet FLAT = new PropertySet.Builder()
            .set(ParagraphProperties.ALIGNMENT, Alignment.LEFT)
            .set(ParagraphProperties.INDENT_LEFT, 0)
            .set(ParagraphProperties.INDENT_FIRST_LINE, 0)
            .set(ParagraphProperties.SPACE_BEFORE, 0)
            .set(ParagraphProperties.SPACE_AFTER, 0)
            .build();

    private final @Nullable String style;
    private final PropertySet flat;
    /** Whether number and title of a figure stand over its picture. */
    private final boolean above;

    private final String label;
    private final @Nullable CaptionForm number;
    private final @Nullable CaptionForm title;
    private final @Nullable CaptionForm note;

    private ObjectBlocks(
            @Nullable String style,
            PropertySet flat,
            boolean above,
            String label,
            @Nullable CaptionForm number,
            @Nullable CaptionForm title,
            @Nullable CaptionForm note) {
        this.style = style;
        this.flat = flat;
        this.above = above;
        this.label = number == null ? label : number.words();
        this.number = number;
        this.title = title;
        this.note = note;
    }

    /**
     * The paragraphs of a table.
     *
     * @param style id of the style they have, null for the standard one
     */
    public static ObjectBlocks ofTable(Guide guide, @Nullable String style) {
        return new ObjectBlocks(
                style,
                FLAT,
                true,
                "Table #",
                guide.ask("tables.number").find(TableDemands.NUMBER),
                guide.ask("tables.title").find(TableDemands.TITLE),
                guide.ask("tables.note").find(TableDemands.NOTE));
    }

    /**
     * The paragraphs of a figure.
     *
     * @param style id of the style they have, null for the standard one
     */
    public static ObjectBlocks ofFigure(Guide guide, @Nullable String style) {
        return new ObjectBlocks(
                style,
                FLAT,
                guide.ask("figures.place").find(FigureDemands.CAPTION) != FigureDemands.Side.BELOW,
                "Figure #",
                guide.ask("figures.number").find(FigureDemands.NUMBER),
                guide.ask("figures.title").find(FigureDemands.TITLE),
                guide.ask("figures.note").find(FigureDemands.NOTE));
    }

    /** The same, each paragraph saying how far apart its lines are. */
    public ObjectBlocks spaced(LineSpacing spacing) {
        PropertySet spaced = FLAT.with(ParagraphProperties.LINE_SPACING, spacing);
        return new ObjectBlocks(style, spaced, above, label, number, title, note);
    }

    /**
     * A whole figure.
     *
     * @param words the title, what is slanted in it marked
     */
    public List<NewBlock> figure(String count, String words, NewParagraph.NewRun picture, List<String> notes) {
        boolean noted = !notes.isEmpty();
        List<NewBlock> out = new ArrayList<>();
        if (above) {
            out.addAll(caption(count, words, NOTHING, true));
        }
        // A line of exact height would cut the picture off.
        PropertySet line = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE);
        boolean last = above && !noted;
        out.add(paragraph(last ? line : line.with(ParagraphProperties.KEEP_WITH_NEXT, true), List.of(picture)));
        if (!above) {
            out.addAll(caption(count, words, NOTHING, noted));
        }
        out.addAll(notes(notes, NOTHING));
        return out;
    }

    /**
     * Number and title, on one line or on two.
     *
     * @param words the title, what is slanted in it marked
     * @param first what the first paragraph says itself
     * @param kept whether the last stays with what comes after it
     */
    public List<NewBlock> caption(String count, String words, PropertySet first, boolean kept) {
        String numbered = label.replace("#", count);
        List<NewParagraph.NewRun> named = runs(words, look(title), title != null && title.slant() == Slant.ITALIC);
        PropertySet last = kept ? PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true) : NOTHING;
        if (title != null && title.line() == CaptionForm.Line.SAME) {
            List<NewParagraph.NewRun> runs = new ArrayList<>(runs(numbered + " ", look(number), false));
            runs.addAll(named);
            return List.of(paragraph(first.over(last), runs));
        }
        PropertySet opens = first.with(ParagraphProperties.KEEP_WITH_NEXT, true);
        return List.of(paragraph(opens, runs(numbered, look(number), false)), paragraph(last, named));
    }

    /**
     * The notes, the word that opens a general one before the first.
     *
     * @param last what the last paragraph says itself
     */
    public List<NewBlock> notes(List<String> notes, PropertySet last) {
        List<NewBlock> out = new ArrayList<>();
        for (int i = 0; i < notes.size(); i++) {
            out.add(note(notes.get(i), i == 0, i == notes.size() - 1 ? last : NOTHING));
        }
        return out;
    }

    private NewParagraph note(String words, boolean opens, PropertySet own) {
        List<NewParagraph.NewRun> runs = new ArrayList<>();
        boolean general = opens && !words.startsWith("*") && !words.matches("(?i)(?:notes?|sources?)[.:].*");
        if (general) {
            CaptionForm form = note != null && note.words().startsWith("Note") ? note : null;
            runs.addAll(runs(form == null ? "Note:" : form.words(), look(form), false));
        }
        runs.addAll(runs(general ? " " + words : words, NOTHING, false));
        return paragraph(own, runs);
    }

    private static PropertySet look(@Nullable CaptionForm form) {
        PropertySet look =
                form != null && form.bold() == Boldness.BOLD ? PropertySet.of(CharacterProperties.BOLD, true) : NOTHING;
        return form != null && form.slant() == Slant.ITALIC ? look.with(CharacterProperties.ITALIC, true) : look;
    }

    /**
     * A paragraph flush left, without any room round it.
     *
     * @param own what it says itself besides or instead
     */
    public NewParagraph paragraph(PropertySet own, List<NewParagraph.NewRun> runs) {
        return new NewParagraph(style, own.over(flat), runs);
    }

    /** Runs of marked words that are not otherwise formatted. */
    public static List<NewParagraph.NewRun> runs(String marked) {
        return runs(marked, NOTHING, false);
    }

    /** @param turned whether what is marked is upright because all around it is slanted */
    private static List<NewParagraph.NewRun> runs(String marked, PropertySet look, boolean turned) {
        List<NewParagraph.NewRun> out = new ArrayList<>();
        for (Slanted each : Slanted.of(marked)) {
            PropertySet own = each.italic() ? look.with(CharacterProperties.ITALIC, !turned) : look;
            out.add(new NewParagraph.NewRun(new Piece.Words(each.words()), own));
        }
        return out;
    }
}
