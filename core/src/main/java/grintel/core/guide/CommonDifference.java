package grintel.core.guide;

import grintel.core.data.DataNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What courses often ask otherwise than their guide, in the words in which they say it.
 *
 * @param also words by which it is found besides its own
 * @param rules what house rules say for it
 * @param adds what it puts to a list the guide has, or null
 */
public record CommonDifference(
        String words,
        List<String> also,
        Map<String, Map<String, Object>> rules,
        @Nullable Addition adds) {
    private static final List<CommonDifference> ALL = read();

    /** All of them, in order of work. */
    public static List<CommonDifference> all() {
        return ALL;
    }

    private static List<CommonDifference> read() {
        return DataNode.resource(CommonDifference.class, "common-differences.yaml").items().stream()
                .map(CommonDifference::read)
                .toList();
    }

    private static CommonDifference read(DataNode node) {
        DataNode adds = node.get("adds");
        Map<String, Map<String, Object>> rules = new LinkedHashMap<>();
        AskChange.read(node.get("rules")).forEach((rule, change) -> rules.put(rule, change.written()));
        return new CommonDifference(
                node.get("words").text(),
                node.get("also").texts(),
                rules,
                adds.isMissing()
                        ? null
                        : new Addition(
                                adds.get("rule").text(),
                                adds.get("value").text(),
                                adds.get("item").text()));
    }

    /** An item of a list of words. */
    public record Addition(String rule, String value, String item) {}
}
