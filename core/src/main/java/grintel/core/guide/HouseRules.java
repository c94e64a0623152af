package grintel.core.guide;

import grintel.core.data.DataException;
import grintel.core.data.DataNode;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * What an instructor or a department asks beyond or against a guide: only what differs.
 *
 * @param guide id of the guide they are meant for, or empty
 * @param rules what they say of each rule
 */
public record HouseRules(String name, String guide, Map<String, DataNode> rules) {
    public HouseRules {
        rules = Map.copyOf(rules);
    }

    /**
     * Reads house rules.
     *
     * @param file what to call the file in messages
     * @throws DataException when they say something they may not
     */
    public static HouseRules parse(String file, String yaml) {
        DataNode data = DataNode.parse(file, yaml);
        for (String key : data.keys()) {
            if (!key.equals("name") && !key.equals("guide") && !key.equals("rules")) {
                throw data.wrong("has \"" + key + "\"; house rules have name, guide and rules");
            }
        }
        String name = data.get("name").textOrNull();
        String guide = data.get("guide").textOrNull();
        Map<String, DataNode> rules = new LinkedHashMap<>();
        DataNode nodes = data.get("rules");
        for (String rule : nodes.keys()) {
            Guide.requireRule(rule, nodes);
            rules.put(rule, nodes.get(rule));
        }
        return new HouseRules(name == null ? "house rules" : name, guide == null ? "" : guide, rules);
    }
}
