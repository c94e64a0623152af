package grintel.core.structure;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a paper's own lines say of it. Never the file's properties: who typed a file first is not who wrote the paper.
 *
 * @param title empty where it is not known
 * @param authors none where they are not known
 * @param lines what other lines of the opening say, by what they name
 */
public record PaperFacts(String title, String subtitle, List<PersonName> authors, Map<PartKind, String> lines) {
    public PaperFacts {
        authors = List.copyOf(authors);
        lines = Map.copyOf(lines);
    }

    static PaperFacts of(Parts parts) {
        String title = "";
        String subtitle = "";
        List<PersonName> authors = new ArrayList<>();
        Map<PartKind, String> lines = new EnumMap<>(PartKind.class);
        for (int i = 0; i < parts.size(); i++) {
            PartKind kind = parts.kind(i);
            if (kind == PartKind.TITLE && title.isEmpty()) {
                title = text(parts, i);
            } else if (kind == PartKind.SUBTITLE && subtitle.isEmpty()) {
                subtitle = text(parts, i);
            } else if (kind == PartKind.AUTHOR) {
                Names.in(text(parts, i)).stream()
                        .filter(name -> !authors.contains(name))
                        .forEach(authors::add);
            } else if (kind.isOfOpening() && kind != PartKind.OPENING_LINE) {
                lines.putIfAbsent(kind, text(parts, i));
            }
        }
        return new PaperFacts(title, subtitle, authors, lines);
    }

    private static String text(Parts parts, int index) {
        return parts.text(index).replaceAll("\\s+", " ");
    }

    /** The author's surname; null where there is no author or more than one. */
    public @Nullable String surname() {
        return authors.size() == 1 ? authors.get(0).surname() : null;
    }

    /** What the line says that names something, or null. */
    public @Nullable String line(PartKind named) {
        return lines.get(named);
    }
}
