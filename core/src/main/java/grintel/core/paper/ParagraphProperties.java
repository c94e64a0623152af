package grintel.core.paper;

import java.util.List;

/** The properties of paragraphs (ISO 29500-1 §17.3.1). Lengths are twips. */
public final class ParagraphProperties {
    private static final PropertyFamily FAMILY = new PropertyFamily(Property.Family.PARAGRAPH);

    public static final Property<Alignment> ALIGNMENT = FAMILY.value("alignment", Alignment.class, Alignment.LEFT);

    public static final Property<Integer> INDENT_LEFT = FAMILY.value("indent-left", Integer.class, 0);
    public static final Property<Integer> INDENT_RIGHT = FAMILY.value("indent-right", Integer.class, 0);

    /** Indent of the first line beyond the left indent; negative hangs it out (§17.3.1.12). */
    public static final Property<Integer> INDENT_FIRST_LINE = FAMILY.value("indent-first-line", Integer.class, 0);

    /** The three indents in hundredths of a character; where not 0 they win over the twips (§17.3.1.12). */
    public static final Property<Integer> INDENT_LEFT_CHARACTERS =
            FAMILY.value("indent-left-characters", Integer.class, 0);

    public static final Property<Integer> INDENT_RIGHT_CHARACTERS =
            FAMILY.value("indent-right-characters", Integer.class, 0);
    public static final Property<Integer> INDENT_FIRST_LINE_CHARACTERS =
            FAMILY.value("indent-first-line-characters", Integer.class, 0);

    public static final Property<LineSpacing> LINE_SPACING =
            FAMILY.value("line-spacing", LineSpacing.class, LineSpacing.SINGLE);
    public static final Property<Integer> SPACE_BEFORE = FAMILY.value("space-before", Integer.class, 0);
    public static final Property<Integer> SPACE_AFTER = FAMILY.value("space-after", Integer.class, 0);

    /** Space before is left to the program, whatever {@link #SPACE_BEFORE} says (§17.3.1.33). */
    public static final Property<Boolean> SPACE_BEFORE_AUTO = FAMILY.flag("space-before-auto", false);

    public static final Property<Boolean> SPACE_AFTER_AUTO = FAMILY.flag("space-after-auto", false);

    /** No space of this paragraph towards a neighbour of the same style (§17.3.1.9). */
    public static final Property<Boolean> SAME_STYLE_SUPPRESSION = FAMILY.flag("same-style-suppression", false);

    public static final Property<Boolean> KEEP_WITH_NEXT = FAMILY.flag("keep-with-next", false);
    public static final Property<Boolean> KEEP_LINES = FAMILY.flag("keep-lines", false);
    public static final Property<Boolean> PAGE_BREAK_BEFORE = FAMILY.flag("page-break-before", false);
    public static final Property<Boolean> WIDOW_CONTROL = FAMILY.flag("widow-control", true);
    public static final Property<Boolean> NO_HYPHENATION = FAMILY.flag("no-hyphenation", false);
    public static final Property<TabStops> TAB_STOPS = FAMILY.value("tab-stops", TabStops.class, TabStops.NONE);

    /** Outline level from 0, or 9 for body text (§17.3.1.20). */
    public static final Property<Integer> OUTLINE_LEVEL = FAMILY.value("outline-level", Integer.class, 9);

    /** Number of the list definition, 0 for none (§17.9.18). */
    public static final Property<Integer> NUMBERING_ID = FAMILY.value("numbering-id", Integer.class, 0);

    public static final Property<Integer> NUMBERING_LEVEL = FAMILY.value("numbering-level", Integer.class, 0);
    public static final Property<Colour> SHADING = FAMILY.value("shading", Colour.class, Colour.AUTO);
    public static final Property<Boolean> RIGHT_TO_LEFT = FAMILY.flag("right-to-left", false);

    /** The frame the paragraph stands in, beside the flow; none for most (§17.3.1.11). */
    public static final Property<Frame> FRAME = FAMILY.value("frame", Frame.class, Frame.NONE);

    /** Every paragraph property, in the order of their ordinals. */
    public static final List<Property<?>> ALL = FAMILY.all();

    private ParagraphProperties() {}

    /** How lines lie between the indents; left and right are those of the reader of the page. */
    public enum Alignment {
        LEFT,
        CENTRE,
        RIGHT,
        JUSTIFIED
    }
}
