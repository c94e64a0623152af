package grintel.core.paper;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Resolves formatting in the order of ISO 29500-1 §17.7.2: document defaults, table style, list level, paragraph style,
 * character style, direct. Results are kept, since a paper says the same few things thousands of times. Not safe for
 * use by several threads.
 */
public final class FormattingResolver {
    private final StyleSheet styles;
    private final Map<ParagraphKey, Formatting> paragraphs = new HashMap<>();
    private final Map<CharacterKey, Formatting> characters = new HashMap<>();

    public FormattingResolver(StyleSheet styles) {
        this.styles = styles;
    }

    /**
     * The formatting of a paragraph.
     *
     * @param style the paragraph's style, or null
     * @param table what the table it stands in says
     * @param level what its list level says, and where that is from; null for no list
     */
    public Formatting paragraph(
            @Nullable Style style, TableLayers table, @Nullable ListLayer level, PropertySet direct) {
        return paragraphs.computeIfAbsent(new ParagraphKey(style, table, level, direct), key -> {
            Formatting at = Formatting.initial(ParagraphProperties.ALL)
                    .under(Origin.DOCUMENT_DEFAULT, styles.paragraphDefaults());
            for (TableLayers.Layer each : table.layers()) {
                at = at.under(each.origin(), each.paragraph());
            }
            at = levelAndStyle(at, style, level);
            return at.underDirect(direct);
        });
    }

    /** The formatting of characters in a paragraph of a style. */
    public Formatting characters(
            @Nullable Style paragraph, TableLayers table, @Nullable Style character, PropertySet direct) {
        return characters.computeIfAbsent(new CharacterKey(paragraph, table, character, direct), key -> {
            Formatting at = Formatting.initial(CharacterProperties.ALL)
                    .under(Origin.DOCUMENT_DEFAULT, styles.characterDefaults());
            List<List<Layer>> kinds = List.of(
                    table.layers().stream()
                            .map(each -> new Layer(each.origin(), each.character()))
                            .toList(),
                    layers(paragraph),
                    layers(character));
            for (List<Layer> kind : kinds) {
                for (Layer each : kind) {
                    at = at.under(each.origin(), each.says());
                }
            }
            at = combineToggles(at, kinds);
            return at.underDirect(direct);
        });
    }

    private List<Layer> layers(@Nullable Style style) {
        return styles.chain(style).stream()
                .map(each -> new Layer(new Origin.OfStyle(each.id()), each.character()))
                .toList();
    }

    /**
     * A list named by the paragraph itself stands above the paragraph's style; a list named by the style stands below
     * that style's own indents (§17.9.22).
     */
    private Formatting levelAndStyle(Formatting below, @Nullable Style style, @Nullable ListLayer level) {
        Formatting at = below;
        if (level != null && !level.direct()) {
            at = at.under(level.origin(), level.properties());
        }
        for (Style each : styles.chain(style)) {
            at = at.under(new Origin.OfStyle(each.id()), each.paragraph());
        }
        if (level != null && level.direct()) {
            at = at.under(level.origin(), level.properties());
        }
        return at;
    }

    /** Toggle properties of the kinds of style combine by exclusive or, unless the defaults set them (§17.7.3). */
    private Formatting combineToggles(Formatting formatting, List<List<Layer>> kinds) {
        Formatting at = formatting;
        for (Property<?> property : CharacterProperties.ALL) {
            if (!property.toggle()) {
                continue;
            }
            @SuppressWarnings("unchecked") // every toggle is declared as a flag
            Property<Boolean> toggle = (Property<Boolean>) property;
            if (Boolean.TRUE.equals(styles.characterDefaults().get(toggle))) {
                at = at.with(toggle, true, Origin.DOCUMENT_DEFAULT);
                continue;
            }
            boolean value = false;
            Layer last = null;
            for (List<Layer> kind : kinds) {
                Layer says = lastSaying(kind, toggle);
                if (says != null) {
                    value ^= Boolean.TRUE.equals(says.says().get(toggle));
                    last = says;
                }
            }
            if (last != null) {
                at = at.with(toggle, value, last.origin());
            }
        }
        return at;
    }

    private static @Nullable Layer lastSaying(List<Layer> chain, Property<?> property) {
        for (int i = chain.size() - 1; i >= 0; i--) {
            if (chain.get(i).says().says(property)) {
                return chain.get(i);
            }
        }
        return null;
    }

    /**
     * What a list level says of its paragraphs.
     *
     * @param direct whether the paragraph itself names the list, not its style
     */
    public record ListLayer(Origin.Numbering origin, PropertySet properties, boolean direct) {}

    private record Layer(Origin origin, PropertySet says) {}

    private record ParagraphKey(
            @Nullable Style style,
            TableLayers table,
            @Nullable ListLayer level,
            PropertySet direct) {}

    private record CharacterKey(
            @Nullable Style paragraph,
            TableLayers table,
            @Nullable Style character,
            PropertySet direct) {}
}
