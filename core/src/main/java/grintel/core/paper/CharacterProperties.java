package grintel.core.paper;

import java.util.List;

/** The properties of characters (ISO 29500-1 §17.3.2). Sizes are half-points, spacing and position twips. */
public final class CharacterProperties {
    private static final PropertyFamily FAMILY = new PropertyFamily(Property.Family.CHARACTER);

    /** Face of Basic Latin characters; the other three slots hold the rest (§17.3.2.26). */
    public static final Property<String> FACE = FAMILY.value("face", String.class, "Times New Roman");

    public static final Property<String> FACE_HIGH_ANSI =
            FAMILY.value("face-high-ansi", String.class, "Times New Roman");
    public static final Property<String> FACE_EAST_ASIA =
            FAMILY.value("face-east-asia", String.class, "Times New Roman");
    public static final Property<String> FACE_COMPLEX = FAMILY.value("face-complex", String.class, "Times New Roman");

    /** Size in half-points. */
    public static final Property<Integer> SIZE = FAMILY.value("size", Integer.class, 20);

    public static final Property<Boolean> BOLD = FAMILY.toggle("bold");
    public static final Property<Boolean> ITALIC = FAMILY.toggle("italic");
    public static final Property<Boolean> CAPITALS = FAMILY.toggle("capitals");
    public static final Property<Boolean> SMALL_CAPITALS = FAMILY.toggle("small-capitals");
    public static final Property<Boolean> STRIKE = FAMILY.toggle("strike");
    public static final Property<Boolean> HIDDEN = FAMILY.toggle("hidden");

    /** The kind of underline as the standard names it, {@code none} where there is none (§17.18.99). */
    public static final Property<String> UNDERLINE = FAMILY.value("underline", String.class, "none");

    public static final Property<Colour> COLOUR = FAMILY.value("colour", Colour.class, Colour.AUTO);

    /** Name of the highlighting colour, {@code none} where there is none (§17.18.40). */
    public static final Property<String> HIGHLIGHT = FAMILY.value("highlight", String.class, "none");

    public static final Property<Colour> SHADING = FAMILY.value("shading", Colour.class, Colour.AUTO);

    public static final Property<VerticalPosition> VERTICAL_POSITION =
            FAMILY.value("vertical-position", VerticalPosition.class, VerticalPosition.BASELINE);

    /** Extra distance after each character, in twips; negative brings characters closer. */
    public static final Property<Integer> CHARACTER_SPACING = FAMILY.value("character-spacing", Integer.class, 0);

    /** Rise above the baseline in half-points; negative lowers. */
    public static final Property<Integer> RISE = FAMILY.value("rise", Integer.class, 0);

    /** Width of the characters in per cent of the face's own. */
    public static final Property<Integer> SCALE = FAMILY.value("scale", Integer.class, 100);

    /** Tag of the language (BCP 47), empty where nothing is said (§17.3.2.20). */
    public static final Property<String> LANGUAGE = FAMILY.value("language", String.class, "");

    /** Every character property, in the order of their ordinals. */
    public static final List<Property<?>> ALL = FAMILY.all();

    private CharacterProperties() {}

    /** Whether characters stand on the baseline, above or below it (ISO 29500-1 §17.3.2.42). */
    public enum VerticalPosition {
        BASELINE,
        SUPERSCRIPT,
        SUBSCRIPT
    }
}
