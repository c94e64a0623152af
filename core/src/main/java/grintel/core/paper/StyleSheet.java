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

    /** This style sheet with a style replaced, or added where it has none of the id. */
    public StyleSheet with(Style style) {
        Map<String, Style> changed = new LinkedHashMap<>(styles);
        changed.put(style.id(), style);
        return new StyleSheet(paragraphDefaults, characterDefaults, changed.values());
    }

    /** Tag of the language that the standard style, or else the defaults, name (BCP 47); empty where they name none. */
    public String language() {
        Style normal = standard.get(Style.Kind.PARAGRAPH);
        String own = normal == null ? null : normal.character().get(CharacterProperties.LANGUAGE);
        String said = own == null ? characterDefaults.get(CharacterProperties.LANGUAGE) : own;
        return said == null ? "" : said;
    }

    /** This style sheet naming another language, in its defaults and where its standard style names one. */
    public StyleSheet withLanguage(String tag) {
        StyleSheet changed = new StyleSheet(
                paragraphDefaults, characterDefaults.with(CharacterProperties.LANGUAGE, tag), styles.values());
        Style normal = standard.get(Style.Kind.PARAGRAPH);
        return normal != null && normal.character().says(CharacterProperties.LANGUAGE)
                ? changed.with(normal.with(CharacterProperties.LANGUAGE, tag))
                : changed;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof StyleSheet sheet
                && paragraphDefaults.equals(sheet.paragraphDefaults)
                && characterDefaults.equals(sheet.characterDefaults)
                && styles.equals(sheet.styles);
    }

    @Override
    public int hashCode() {
        return styles.keySet().hashCode();
    }

    /** Whether a style, or one it builds on, has this id. */
    public boolean buildsOn(@Nullable Style style, String id) {
        return chain(style).stream().anyMatch(at -> at.id().equals(id));
    }
}
