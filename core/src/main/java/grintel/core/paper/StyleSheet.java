package grintel.core.paper;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The document defaults and the styles of a paper, and the resolution of formatting through them (ISO 29500-1 §17.7.2).
 * A style that builds on itself, directly or around a circle, builds on nothing from where the circle closes.
 */
public final class StyleSheet {
    /** A paper of no styles at all. */
    public static final StyleSheet EMPTY = new StyleSheet(PropertySet.empty(), PropertySet.empty(), List.of());

    private final PropertySet paragraphDefaults;
    private final PropertySet characterDefaults;
    private final Map<String, Style> styles = new LinkedHashMap<>();
    private final Map<Style.Kind, Style> standard = new HashMap<>();

    public StyleSheet(PropertySet paragraphDefaults, PropertySet characterDefaults, Collection<Style> styles) {
        this.paragraphDefaults = paragraphDefaults;
        this.characterDefaults = characterDefaults;
        for (Style style : styles) {
            this.styles.putIfAbsent(style.id(), style);
            if (style.standard()) {
                this.standard.putIfAbsent(style.kind(), style);
            }
        }
    }

    public PropertySet paragraphDefaults() {
        return paragraphDefaults;
    }

    public PropertySet characterDefaults() {
        return characterDefaults;
    }

    /** The style of this id, or null. */
    public @Nullable Style find(@Nullable String id) {
        return id == null ? null : styles.get(id);
    }

    public Collection<Style> all() {
        return Collections.unmodifiableCollection(styles.values());
    }

    /** The style that holds where a paragraph (or run, or table) names none; null where the file has none. */
    public @Nullable Style standard(Style.Kind kind) {
        return standard.get(kind);
    }

    /** The style of this id and kind, else the standard style of that kind, else null. */
    public @Nullable Style effective(@Nullable String id, Style.Kind kind) {
        Style named = find(id);
        return named != null && named.kind() == kind ? named : standard.get(kind);
    }

    /** The style and those it builds on, the style itself last; empty for null. */
    public List<Style> chain(@Nullable Style style) {
        List<Style> chain = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (Style at = style; at != null && seen.add(at.id()); at = find(at.basedOn())) {
            chain.add(at);
        }
        Collections.reverse(chain);
        return chain;
    }

    /** Whether a style, or one it builds on, has this id. */
    public boolean buildsOn(@Nullable Style style, String id) {
        return chain(style).stream().anyMatch(at -> at.id().equals(id));
    }
}
