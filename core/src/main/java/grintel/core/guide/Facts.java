package grintel.core.guide;

import grintel.core.data.DataException;
import grintel.core.data.DataNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The facts of one paper; every one may be unknown.
 *
 * @param values the plain facts by name, such as {@code title} or {@code course-number}
 */
public record Facts(Map<String, String> values, List<Author> authors) {
    public static final Facts NONE = new Facts(Map.of(), List.of());

    /** The names of the plain facts there are. */
    public static final Set<String> NAMES = Set.of(
            "title",
            "subtitle",
            "short-title",
            "institution",
            "department",
            "course-number",
            "course-name",
            "instructor",
            "class-period",
            "assignment",
            "date",
            "word-limit",
            "page-limit");

    public Facts {
        values = Map.copyOf(values);
        authors = List.copyOf(authors);
    }

    /**
     * Reads a facts file.
     *
     * @param file what to call it in messages
     * @throws DataException when it says something it may not
     */
    public static Facts parse(String file, String yaml) {
        DataNode data = DataNode.parse(file, yaml);
        Map<String, String> values = new LinkedHashMap<>();
        List<Author> authors = new ArrayList<>();
        for (String key : data.keys()) {
            DataNode node = data.get(key);
            if (key.equals("authors")) {
                for (DataNode author : node.items()) {
                    authors.add(new Author(
                            orEmpty(author.get("given")),
                            orEmpty(author.get("middle")),
                            orEmpty(author.get("surname"))));
                }
            } else if (NAMES.contains(key)) {
                String value = node.textOrNull();
                if (value != null) {
                    values.put(key, value);
                }
            } else {
                throw data.wrong("has \"" + key + "\", which is no fact of a paper");
            }
        }
        return new Facts(values, authors);
    }

    /** Only a surname and a short title; either may be empty. */
    public static Facts of(String surname, String shortTitle) {
        return new Facts(
                shortTitle.isBlank() ? Map.of() : Map.of("short-title", shortTitle.strip()),
                surname.isBlank() ? List.of() : List.of(new Author("", "", surname.strip())));
    }

    /** These facts and further plain ones, by name. */
    public Facts with(Map<String, String> more) {
        Map<String, String> all = new LinkedHashMap<>(values);
        all.putAll(more);
        return new Facts(all, authors);
    }

    /** These facts, and those of others where these say nothing. */
    public Facts over(Facts below) {
        Map<String, String> all = new LinkedHashMap<>(below.values);
        all.putAll(values);
        boolean named = authors.stream().anyMatch(author -> !author.given().isEmpty());
        return new Facts(all, named || below.authors.isEmpty() ? authors : below.authors);
    }

    /** A plain fact, or null where it is unknown. */
    public @Nullable String get(String name) {
        return values.get(name);
    }

    /** The first author's surname, or the one name there is; null where it is unknown. */
    public @Nullable String surname() {
        if (authors.isEmpty()) {
            return null;
        }
        Author first = authors.get(0);
        String filed = first.surname().isEmpty() ? first.given() : first.surname();
        return filed.isEmpty() ? null : filed;
    }

    private static String orEmpty(DataNode node) {
        String text = node.textOrNull();
        return text == null ? "" : text;
    }

    /** An author's name in parts, any of which may be empty. */
    public record Author(String given, String middle, String surname) {}
}
