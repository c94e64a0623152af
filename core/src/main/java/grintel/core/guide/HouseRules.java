package grintel.core.guide;

import grintel.core.data.DataNode;
import grintel.core.data.DataText;
import grintel.core.guide.demand.Demands;
import java.util.Collections;
import java.util.LinkedHashMap;
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
        Map<String, AskChange> ordered = new LinkedHashMap<>();
        for (String rule : Demands.ids()) {
            AskChange change = changes.get(rule);
            if (change != null) {
                ordered.put(rule, change);
            }
        }
        changes = Collections.unmodifiableMap(ordered);
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

    /** What they say, as plain data by rule, in order of work. */
    public Map<String, Object> written() {
        Map<String, Object> out = new LinkedHashMap<>();
        changes.forEach((rule, change) -> out.put(rule, change.written()));
        return out;
    }

    /** The file of them; {@link #parse} reads the same again. */
    public String yaml() {
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("name", name);
        if (!guide.isEmpty()) {
            file.put("guide", guide);
        }
        file.put("rules", written());
        return DataText.write(file);
    }
}
