package grintel.server.brief;

import grintel.core.data.DataException;
import grintel.core.data.DataText;
import grintel.core.guide.Guide;
import grintel.core.guide.HouseRules;
import grintel.server.problem.Problem;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * House rules as they are chosen, sent and kept.
 *
 * @param name what they are called
 * @param rules what they say, as plain data by rule
 */
public record HouseChoice(String name, Map<String, Map<String, Object>> rules) {
    private static final int LONGEST_NAME = 100;
    private static final int LONGEST = 100_000;

    /**
     * House rules that fit a guide, written as the application writes them.
     *
     * @throws Problem when they say what no rule understands, with the reason
     */
    static HouseChoice of(Guide guide, @Nullable String name, @Nullable Map<String, Map<String, Object>> rules) {
        String called = Objects.requireNonNullElse(name, "").strip().replaceAll("\\s+", " ");
        if (called.length() > LONGEST_NAME) {
            throw Problem.badRequest("A set of house rules has a name of at most 100 characters.");
        }
        HouseChoice asked =
                new HouseChoice(called.isEmpty() ? "House rules" : called, Objects.requireNonNullElse(rules, Map.of()));
        try {
            HouseRules read = asked.read();
            guide.with(read);
            return of(read);
        } catch (DataException e) {
            throw Problem.badRequest(String.valueOf(e.getMessage()));
        }
    }

    @SuppressWarnings("unchecked") // what is written of a rule is named values
    static HouseChoice of(HouseRules rules) {
        Map<String, Map<String, Object>> written = new LinkedHashMap<>();
        rules.written().forEach((rule, said) -> written.put(rule, (Map<String, Object>) said));
        return new HouseChoice(rules.name(), written);
    }

    /** As house rules. */
    HouseRules read() {
        String text = DataText.write(Map.of("name", name, "rules", rules));
        if (text.length() > LONGEST) {
            throw Problem.badRequest("These house rules are longer than any course's.");
        }
        return HouseRules.parse(name, text);
    }
}
