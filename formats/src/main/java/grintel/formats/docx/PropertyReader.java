package grintel.formats.docx;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Colour;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TabStops;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads the formatting that an element of properties says; {@link PropertyWriter} is its mirror. */
final class PropertyReader {
    private final ThemeFaces theme;

    PropertyReader(ThemeFaces theme) {
        this.theme = theme;
    }

    /** {@code w:rPr}; nothing where it is null. */
    PropertySet characters(@Nullable XmlElement properties) {
        if (properties == null) {
            return PropertySet.empty();
        }
        PropertySet.Builder out = new PropertySet.Builder();
        for (XmlElement each : properties.elements()) {
            if (!each.namespace().equals(Ns.W)) {
                continue;
            }
            switch (each.name()) {
                case "rFonts" -> faces(out, each);
                case "b" -> out.set(CharacterProperties.BOLD, Values.on(each));
                case "i" -> out.set(CharacterProperties.ITALIC, Values.on(each));
                case "caps" -> out.set(CharacterProperties.CAPITALS, Values.on(each));
                case "smallCaps" -> out.set(CharacterProperties.SMALL_CAPITALS, Values.on(each));
                case "strike", "dstrike" -> out.set(CharacterProperties.STRIKE, Values.on(each));
                case "vanish" -> out.set(CharacterProperties.HIDDEN, Values.on(each));
                case "u" -> set(out, CharacterProperties.UNDERLINE, each.attribute("val"));
                case "color" -> set(out, CharacterProperties.COLOUR, colour(each.attribute("val")));
                case "highlight" -> set(out, CharacterProperties.HIGHLIGHT, each.attribute("val"));
                case "shd" -> set(out, CharacterProperties.SHADING, colour(each.attribute("fill")));
                case "sz" -> set(out, CharacterProperties.SIZE, Values.halfPoints(each.attribute("val")));
                case "spacing" -> set(out, CharacterProperties.CHARACTER_SPACING, Values.twips(each.attribute("val")));
                case "position" -> set(out, CharacterProperties.RISE, Values.integer(each.attribute("val")));
                case "w" -> set(out, CharacterProperties.SCALE, percent(each.attribute("val")));
                case "lang" -> set(out, CharacterProperties.LANGUAGE, each.attribute("val"));
                case "vertAlign" ->
                    out.set(
                            CharacterProperties.VERTICAL_POSITION,
                            switch (String.valueOf(each.attribute("val"))) {
                                case "superscript" -> VerticalPosition.SUPERSCRIPT;
                                case "subscript" -> VerticalPosition.SUBSCRIPT;
                                default -> VerticalPosition.BASELINE;
                            });
                default -> {}
            }
        }
        return out.build();
    }

    private void faces(PropertySet.Builder out, XmlElement fonts) {
        set(out, CharacterProperties.FACE, face(fonts, "ascii", "asciiTheme"));
        set(out, CharacterProperties.FACE_HIGH_ANSI, face(fonts, "hAnsi", "hAnsiTheme"));
        set(out, CharacterProperties.FACE_EAST_ASIA, face(fonts, "eastAsia", "eastAsiaTheme"));
        set(out, CharacterProperties.FACE_COMPLEX, face(fonts, "cs", "cstheme"));
    }

    private @Nullable String face(XmlElement fonts, String plain, String themed) {
        String fromTheme = theme.find(fonts.attribute(themed));
        return fromTheme != null ? fromTheme : fonts.attribute(plain);
    }

    /** {@code w:pPr}; nothing where it is null. */
    static PropertySet paragraph(@Nullable XmlElement properties) {
        if (properties == null) {
            return PropertySet.empty();
        }
        PropertySet.Builder out = new PropertySet.Builder();
        for (XmlElement each : properties.elements()) {
            if (!each.namespace().equals(Ns.W)) {
                continue;
            }
            switch (each.name()) {
                case "jc" -> set(out, ParagraphProperties.ALIGNMENT, alignment(each.attribute("val")));
                case "ind" -> indents(out, each);
                case "spacing" -> spacing(out, each);
                case "contextualSpacing" -> out.set(ParagraphProperties.SAME_STYLE_SUPPRESSION, Values.on(each));
                case "keepNext" -> out.set(ParagraphProperties.KEEP_WITH_NEXT, Values.on(each));
                case "keepLines" -> out.set(ParagraphProperties.KEEP_LINES, Values.on(each));
                case "pageBreakBefore" -> out.set(ParagraphProperties.PAGE_BREAK_BEFORE, Values.on(each));
                case "widowControl" -> out.set(ParagraphProperties.WIDOW_CONTROL, Values.on(each));
                case "suppressAutoHyphens" -> out.set(ParagraphProperties.NO_HYPHENATION, Values.on(each));
                case "tabs" -> out.set(ParagraphProperties.TAB_STOPS, tabs(each));
                case "outlineLvl" -> set(out, ParagraphProperties.OUTLINE_LEVEL, level(each.attribute("val")));
                case "numPr" -> numbering(out, each);
                case "shd" -> set(out, ParagraphProperties.SHADING, colour(each.attribute("fill")));
                case "bidi" -> out.set(ParagraphProperties.RIGHT_TO_LEFT, Values.on(each));
                case "framePr" -> out.set(ParagraphProperties.FRAME, FrameReader.read(each));
                default -> {}
            }
        }
        return out.build();
    }

    private static void indents(PropertySet.Builder out, XmlElement ind) {
        set(out, ParagraphProperties.INDENT_LEFT, Values.twips(either(ind, "left", "start")));
        set(out, ParagraphProperties.INDENT_RIGHT, Values.twips(either(ind, "right", "end")));
        set(out, ParagraphProperties.INDENT_LEFT_CHARACTERS, Values.integer(either(ind, "leftChars", "startChars")));
        set(out, ParagraphProperties.INDENT_RIGHT_CHARACTERS, Values.integer(either(ind, "rightChars", "endChars")));
        signed(
                out,
                ParagraphProperties.INDENT_FIRST_LINE,
                Values.twips(ind.attribute("firstLine")),
                Values.twips(ind.attribute("hanging")));
        signed(
                out,
                ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS,
                Values.integer(ind.attribute("firstLineChars")),
                Values.integer(ind.attribute("hangingChars")));
    }

    /** Where both are said, hanging holds (§17.3.1.12). */
    private static void signed(
            PropertySet.Builder out, Property<Integer> property, @Nullable Integer first, @Nullable Integer hanging) {
        if (hanging != null && (hanging != 0 || first == null)) {
            out.set(property, -hanging);
        } else if (first != null) {
            out.set(property, first);
        }
    }

    private static void spacing(PropertySet.Builder out, XmlElement spacing) {
        set(out, ParagraphProperties.SPACE_BEFORE, Values.twips(spacing.attribute("before")));
        set(out, ParagraphProperties.SPACE_AFTER, Values.twips(spacing.attribute("after")));
        set(out, ParagraphProperties.SPACE_BEFORE_AUTO, flag(spacing.attribute("beforeAutospacing")));
        set(out, ParagraphProperties.SPACE_AFTER_AUTO, flag(spacing.attribute("afterAutospacing")));
        Integer line = Values.twips(spacing.attribute("line"));
        if (line != null) {
            LineSpacing.Rule rule = switch (String.valueOf(spacing.attribute("lineRule"))) {
                case "exact" -> LineSpacing.Rule.EXACTLY;
                case "atLeast" -> LineSpacing.Rule.AT_LEAST;
                default -> LineSpacing.Rule.MULTIPLE;
            };
            out.set(ParagraphProperties.LINE_SPACING, new LineSpacing(rule, Math.max(1, line)));
        }
    }

    private static TabStops tabs(XmlElement tabs) {
        List<TabStops.Stop> stops = new ArrayList<>();
        List<Integer> cleared = new ArrayList<>();
        for (XmlElement tab : tabs.children("tab")) {
            Integer position = Values.twips(tab.attribute("pos"));
            if (position == null) {
                continue;
            }
            TabStops.Kind kind = switch (String.valueOf(tab.attribute("val"))) {
                case "center" -> TabStops.Kind.CENTRE;
                case "right", "end" -> TabStops.Kind.RIGHT;
                case "decimal" -> TabStops.Kind.DECIMAL;
                case "bar" -> TabStops.Kind.BAR;
                default -> TabStops.Kind.LEFT;
            };
            if ("clear".equals(tab.attribute("val"))) {
                cleared.add(position);
            } else {
                stops.add(new TabStops.Stop(position, kind, leader(tab.attribute("leader"))));
            }
        }
        stops.sort(Comparator.comparingInt(TabStops.Stop::position));
        return new TabStops(stops, cleared);
    }

    static TabStops.Leader leader(@Nullable String value) {
        return switch (String.valueOf(value)) {
            case "dot", "middleDot" -> TabStops.Leader.DOTS;
            case "hyphen" -> TabStops.Leader.HYPHENS;
            case "underscore", "heavy" -> TabStops.Leader.LINE;
            default -> TabStops.Leader.NONE;
        };
    }

    private static void numbering(PropertySet.Builder out, XmlElement numPr) {
        XmlElement id = numPr.child("numId");
        XmlElement level = numPr.child("ilvl");
        set(out, ParagraphProperties.NUMBERING_ID, id == null ? null : Values.integer(id.attribute("val")));
        set(out, ParagraphProperties.NUMBERING_LEVEL, level == null ? null : level(level.attribute("val")));
    }

    /** {@code w:sectPr}; nothing where it is null. */
    static PropertySet section(@Nullable XmlElement properties) {
        if (properties == null) {
            return PropertySet.empty();
        }
        PropertySet.Builder out = new PropertySet.Builder();
        for (XmlElement each : properties.elements()) {
            if (!each.namespace().equals(Ns.W)) {
                continue;
            }
            switch (each.name()) {
                case "pgSz" -> {
                    set(out, SectionProperties.PAGE_WIDTH, Values.twips(each.attribute("w")));
                    set(out, SectionProperties.PAGE_HEIGHT, Values.twips(each.attribute("h")));
                    if (each.attribute("orient") != null) {
                        out.set(SectionProperties.LANDSCAPE, "landscape".equals(each.attribute("orient")));
                    }
                }
                case "pgMar" -> {
                    set(out, SectionProperties.MARGIN_TOP, Values.twips(each.attribute("top")));
                    set(out, SectionProperties.MARGIN_RIGHT, Values.twips(each.attribute("right")));
                    set(out, SectionProperties.MARGIN_BOTTOM, Values.twips(each.attribute("bottom")));
                    set(out, SectionProperties.MARGIN_LEFT, Values.twips(each.attribute("left")));
                    set(out, SectionProperties.GUTTER, Values.twips(each.attribute("gutter")));
                    set(out, SectionProperties.HEADER_DISTANCE, Values.twips(each.attribute("header")));
                    set(out, SectionProperties.FOOTER_DISTANCE, Values.twips(each.attribute("footer")));
                }
                case "cols" -> {
                    set(out, SectionProperties.COLUMNS, Values.integer(each.attribute("num")));
                    set(out, SectionProperties.COLUMN_GAP, Values.twips(each.attribute("space")));
                }
                case "titlePg" -> out.set(SectionProperties.FIRST_PAGE_DIFFERS, Values.on(each));
                case "pgNumType" -> {
                    set(out, SectionProperties.PAGE_NUMBER_START, Values.integer(each.attribute("start")));
                    set(out, SectionProperties.PAGE_NUMBER_FORMAT, numberFormat(each.attribute("fmt")));
                }
                case "type" -> set(out, SectionProperties.BREAK, sectionBreak(each.attribute("val")));
                default -> {}
            }
        }
        return out.build();
    }

    /** A number format, or null where papers have no use for it. */
    static @Nullable NumberFormat numberFormat(@Nullable String value) {
        return switch (String.valueOf(value)) {
            case "decimal" -> NumberFormat.DECIMAL;
            case "decimalZero" -> NumberFormat.DECIMAL_ZERO;
            case "lowerRoman" -> NumberFormat.LOWER_ROMAN;
            case "upperRoman" -> NumberFormat.UPPER_ROMAN;
            case "lowerLetter" -> NumberFormat.LOWER_LETTER;
            case "upperLetter" -> NumberFormat.UPPER_LETTER;
            case "ordinal" -> NumberFormat.ORDINAL;
            case "bullet" -> NumberFormat.BULLET;
            case "none" -> NumberFormat.NONE;
            default -> null;
        };
    }

    private static SectionProperties.Break sectionBreak(@Nullable String value) {
        return switch (String.valueOf(value)) {
            case "continuous" -> SectionProperties.Break.CONTINUOUS;
            case "evenPage" -> SectionProperties.Break.EVEN_PAGE;
            case "oddPage" -> SectionProperties.Break.ODD_PAGE;
            case "nextColumn" -> SectionProperties.Break.NEXT_COLUMN;
            default -> SectionProperties.Break.NEXT_PAGE;
        };
    }

    static @Nullable Alignment alignment(@Nullable String value) {
        return switch (String.valueOf(value)) {
            case "left", "start" -> Alignment.LEFT;
            case "center" -> Alignment.CENTRE;
            case "right", "end" -> Alignment.RIGHT;
            case "both", "distribute", "lowKashida", "mediumKashida", "highKashida", "thaiDistribute" ->
                Alignment.JUSTIFIED;
            default -> null;
        };
    }

    static @Nullable Colour colour(@Nullable String value) {
        if (value == null) {
            return null;
        }
        if (value.equals("auto")) {
            return Colour.AUTO;
        }
        try {
            return value.length() == 6 ? new Colour(Integer.parseInt(value, 16)) : null;
        } catch (NumberFormatException e) {
            return null;
        }
    }

    private static @Nullable Integer level(@Nullable String value) {
        Integer level = Values.integer(value);
        return level == null ? null : Math.max(0, Math.min(9, level));
    }

    private static @Nullable Integer percent(@Nullable String value) {
        Integer percent = Values.integer(value == null ? null : value.replace("%", ""));
        return percent == null ? null : Math.max(1, Math.min(600, percent));
    }

    private static @Nullable Boolean flag(@Nullable String value) {
        return value == null ? null : value.equals("1") || value.equals("true") || value.equals("on");
    }

    private static @Nullable String either(XmlElement element, String one, String other) {
        String value = element.attribute(one);
        return value != null ? value : element.attribute(other);
    }

    private static <T> void set(PropertySet.Builder out, Property<T> property, @Nullable T value) {
        if (value != null) {
            out.set(property, value);
        }
    }
}
