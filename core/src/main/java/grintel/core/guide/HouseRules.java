package grintel.core.guide;

import grintel.core.data.DataNode;
import java.util.Map;
import java.util.Objects;

/**
 * What an instructor or a department asks beyond or against a guide: only what differs.
 *
 * @param guide id of the guide they are meant for, or empty
 * @param changes what they say of each rule
 */
public record HouseRules(String name, String guide, Map<String, AskChange> changes) {
    public HouseRules {
        changes = Map.copyOf(changes);
    }

    /**
     * Reads house rules.
     *
     * @param file what to call the file in messages
     * @throws grintel.core.data.DataException when they say something they may not
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
        return new HouseRules(
                Objects.requireNonNullElse(name, "house rules"),
                Objects.requireNonNullElse(guide, ""),
                AskChange.read(data.get("rules")));
    }
}
