package grintel.core.structure;

import grintel.core.language.TitleCase;
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
            // The text of a long paper tells nothing here, and is not read.
            if (!kind.isOfOpening() || Placeholders.named(text(parts, i)) != null) {
                continue;
            }
            List<NamedPiece> pieces = parts.pieces(i);
            for (NamedPiece piece : pieces) {
                if (piece.kind() == PartKind.AUTHOR) {
                    add(authors, piece.words());
                } else {
                    lines.putIfAbsent(piece.kind(), text(piece.words()));
                }
            }
            if (!pieces.isEmpty()) {
                continue;
            }
            if (kind == PartKind.TITLE && title.isEmpty()) {
                title = text(parts, i);
                subtitle = subtitle(parts, i + 1);
                if (TitleCase.isLeftOpen(title)) {
                    title = (title + " " + subtitle).strip();
                    subtitle = "";
                }
            } else if (kind == PartKind.TITLE && text(parts, i).equalsIgnoreCase(title + " " + subtitle)) {
                // Over the text it is told that the second line is no subtitle.
                title = title + " " + subtitle;
                subtitle = "";
            } else if (kind == PartKind.AUTHOR) {
                add(authors, parts.text(i).lines().findFirst().orElse(""));
            } else if (kind != PartKind.OPENING_LINE) {
                lines.putIfAbsent(kind, text(parts, i));
            }
        }
        return new PaperFacts(title, subtitle, authors, lines);
    }

    private static void add(List<PersonName> authors, String line) {
        Names.in(text(line)).stream().filter(name -> !authors.contains(name)).forEach(authors::add);
    }

    /** The lines a title goes on in, from the one after it. */
    private static String subtitle(Parts parts, int from) {
        StringBuilder out = new StringBuilder();
        for (int i = from; i < parts.size(); i++) {
            if (parts.kind(i) == PartKind.SUBTITLE) {
                out.append(out.isEmpty() ? "" : " ").append(text(parts, i));
            } else if (parts.kind(i) != PartKind.BLANK) {
                break;
            }
        }
        return out.toString();
    }

    private static String text(Parts parts, int index) {
        return text(parts.text(index));
    }

    private static String text(String words) {
        return words.replaceAll("\\s+", " ").strip();
    }

    /** The title with all lines it goes on in; empty where it is not known. */
    public String wholeTitle() {
        if (title.isEmpty() || subtitle.isEmpty()) {
            return title;
        }
        boolean goesOn = Character.isLowerCase(subtitle.codePointAt(0));
        boolean marked = ":.?!—".indexOf(title.charAt(title.length() - 1)) >= 0;
        return title + (goesOn || marked ? " " : ": ") + subtitle;
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
