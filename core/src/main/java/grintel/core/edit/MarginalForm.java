package grintel.core.edit;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.core.paper.TabStops;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/** How the line of a header or footer that is written anew is set. */
public final class MarginalForm {
    private MarginalForm() {}

    /** Id of the paper's own style for headers or footers, or null. */
    public static @Nullable String style(StyleSheet styles, Story.Kind kind) {
        String wanted = kind == Story.Kind.FOOTER ? "footer" : "header";
        for (Style style : styles.all()) {
            if (style.kind() == Style.Kind.PARAGRAPH
                    && style.name().toLowerCase(Locale.ROOT).equals(wanted)) {
                return style.id();
            }
        }
        return null;
    }

    /**
     * The line's own paragraph properties.
     *
     * @param style id of its style, or null; tab stops that the style sets elsewhere are taken away
     */
    public static PropertySet paragraph(MarginalContent content, StyleSheet styles, @Nullable String style) {
        PropertySet.Builder out = new PropertySet.Builder()
                .set(ParagraphProperties.SPACE_BEFORE, 0)
                .set(ParagraphProperties.SPACE_AFTER, 0)
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                .set(ParagraphProperties.INDENT_LEFT, 0)
                .set(ParagraphProperties.INDENT_RIGHT, 0)
                .set(ParagraphProperties.INDENT_FIRST_LINE, 0);
        if (content.single()) {
            return out.set(
                            ParagraphProperties.ALIGNMENT,
                            !content.right().isEmpty()
                                    ? Alignment.RIGHT
                                    : !content.centre().isEmpty() ? Alignment.CENTRE : Alignment.LEFT)
                    .build();
        }
        List<TabStops.Stop> stops = new ArrayList<>();
        if (!content.centre().isEmpty()) {
            stops.add(new TabStops.Stop(content.width() / 2, TabStops.Kind.CENTRE, TabStops.Leader.NONE));
        }
        if (!content.right().isEmpty()) {
            stops.add(new TabStops.Stop(content.width(), TabStops.Kind.RIGHT, TabStops.Leader.NONE));
        }
        return out.set(ParagraphProperties.ALIGNMENT, Alignment.LEFT)
                .set(ParagraphProperties.TAB_STOPS, new TabStops(stops, strays(stops, styles, style)))
                .build();
    }

    private static List<Integer> strays(List<TabStops.Stop> stops, StyleSheet styles, @Nullable String style) {
        Set<Integer> strays = new TreeSet<>();
        List<PropertySet> layers = new ArrayList<>(List.of(styles.paragraphDefaults()));
        styles.chain(styles.effective(style, Style.Kind.PARAGRAPH)).forEach(each -> layers.add(each.paragraph()));
        for (PropertySet layer : layers) {
            TabStops said = layer.get(ParagraphProperties.TAB_STOPS);
            if (said != null) {
                said.stops().forEach(stop -> strays.add(stop.position()));
            }
        }
        stops.forEach(stop -> strays.remove(stop.position()));
        return List.copyOf(strays);
    }

    /** The type of its runs. */
    public static PropertySet type(MarginalContent content) {
        return new PropertySet.Builder()
                .set(CharacterProperties.FACE, content.face())
                .set(CharacterProperties.FACE_HIGH_ANSI, content.face())
                .set(CharacterProperties.FACE_COMPLEX, content.face())
                .set(CharacterProperties.SIZE, content.size())
                .build();
    }
}
