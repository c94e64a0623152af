package grintel.core.appendix;

import grintel.core.appendix.Questionnaire.Line;
import grintel.core.appendix.Questionnaire.Role;
import grintel.core.data.DataNode;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Tells what the parts of a study's materials are, by what they are called and by what stands in them. */
public final class MaterialKinds {
    private static final DataNode DATA = DataNode.resource(MaterialKinds.class, "materials.yaml");
    private static final Map<MaterialKind, Told> TOLD = told();
    private static final Pattern LINK = Pattern.compile("(?i)\\b(?:https?://|www\\.|doi:)\\S+");
    private static final int LONGEST_NAME = 80;
    /** So many different things have to be spoken of before words alone tell what a part is. */
    private static final int FEWEST_WORDS = 2;

    private static final int FEWEST_ITEMS = 3;

    private MaterialKinds() {}

    private record Told(String title, Pattern name, List<Pattern> words) {}

    /**
     * What a part was taken for.
     *
     * @param evidence key of the wording that says by what: name, words, pictures, answers; empty for nothing
     */
    public record Found(MaterialKind kind, String evidence) {}

    private static Map<MaterialKind, Told> told() {
        Map<MaterialKind, Told> out = new EnumMap<>(MaterialKind.class);
        for (MaterialKind kind : MaterialKind.values()) {
            String key = kind.name().toLowerCase(Locale.ROOT);
            DataNode node = DATA.get(key);
            if (node.isMap()) {
                out.put(
                        kind,
                        new Told(
                                node.get("title").text(),
                                pattern(String.join("|", node.get("names").texts())),
                                node.get("words").texts().stream()
                                        .map(MaterialKinds::pattern)
                                        .toList()));
            }
        }
        return out;
    }

    private static Pattern pattern(String words) {
        return Pattern.compile("(?iu:" + words + ")");
    }

    /** The kind a line names, null where it names none. */
    static @Nullable MaterialKind named(String line) {
        if (line.length() > LONGEST_NAME) {
            return null;
        }
        String name = line.replaceAll("^[^\\p{L}\\p{N}]+|[^\\p{L}\\p{N}]+$", "");
        return TOLD.entrySet().stream()
                .filter(each -> each.getValue().name.matcher(name).matches())
                .map(Map.Entry::getKey)
                .findFirst()
                .orElse(null);
    }

    /** The title of a part of a kind that nothing names; empty where only its writer can name it. */
    static String title(MaterialKind kind) {
        Told told = TOLD.get(kind);
        return told == null ? "" : told.title;
    }

    /** What a part is, by its lines. */
    public static Found of(List<Line> part) {
        List<Line> kept = part.stream().filter(line -> line.role() != Role.OUT).toList();
        for (Line line : kept) {
            MaterialKind named = line.role() == Role.HEADING ? named(line.words()) : null;
            if (named != null) {
                return new Found(named, "name");
            }
        }
        MaterialKind spokenOf = byWords(kept);
        if (spokenOf != null) {
            return new Found(spokenOf, "words");
        }
        long shown = kept.stream()
                .filter(line -> line.picture() != null
                        || Questionnaire.isPicture(line.words())
                        || LINK.matcher(line.words()).find())
                .count();
        if (shown > 0 && shown * 2 >= kept.size() - 1) {
            return new Found(MaterialKind.STIMULI, "pictures");
        }
        return mostSharedAnswer(kept) >= FEWEST_ITEMS
                ? new Found(MaterialKind.SCALE, "answers")
                : new Found(MaterialKind.OTHER, "");
    }

    private static @Nullable MaterialKind byWords(List<Line> lines) {
        MaterialKind found = null;
        long most = FEWEST_WORDS - 1;
        for (Map.Entry<MaterialKind, Told> each : TOLD.entrySet()) {
            long met = each.getValue().words.stream()
                    .filter(words -> lines.stream()
                            .anyMatch(line -> words.matcher(line.words()).find()))
                    .count();
            if (met > most) {
                most = met;
                found = each.getKey();
            }
        }
        return found;
    }

    private static int mostSharedAnswer(List<Line> lines) {
        Map<String, Integer> times = new HashMap<>();
        lines.stream()
                .filter(line -> line.role() == Role.OPTION)
                .forEach(line -> times.merge(line.words(), 1, Integer::sum));
        return times.values().stream().mapToInt(Integer::intValue).max().orElse(0);
    }
}
