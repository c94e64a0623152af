package grintel.core.guide;

import grintel.core.data.DataException;
import grintel.core.data.DataNode;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a guide asks of one rule.
 *
 * @param values the required values by name
 * @param source the guide, and its section where that is known
 */
public record Ask(String rule, Weight weight, Map<String, DataNode> values, String source) {
    public Ask {
        values = Map.copyOf(values);
    }

    /** Reads an ask of a guide or of house rules, over what was asked before, if anything was. */
    static Ask read(String rule, DataNode node, @Nullable Ask below, String guideSource) {
        Map<String, DataNode> values = new LinkedHashMap<>(below == null ? Map.of() : below.values);
        Weight weight = below == null ? Weight.REQUIRED : below.weight;
        String source = below == null ? guideSource : below.source;
        for (String key : node.keys()) {
            switch (key) {
                case "weight" -> weight = Weight.of(node.get(key));
                case "source" -> source = node.get(key).text();
                default -> {
                    RuleCatalogue.requireValue(rule, key, node);
                    values.put(key, node.get(key));
                }
            }
        }
        return new Ask(rule, weight, values, source);
    }

    /** Whether a value of this name is given. */
    public boolean gives(String name) {
        DataNode node = values.get(name);
        return node != null && !node.isMissing();
    }

    public Length length(String name) {
        return Length.of(value(name));
    }

    public String text(String name) {
        return value(name).text();
    }

    public int number(String name) {
        return value(name).number();
    }

    /** A number with a decimal point, such as a multiple of a line. */
    public double decimal(String name) {
        String text = text(name);
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw value(name).wrong("should be a number, not \"" + text + "\"");
        }
    }

    /** A value as it stands in the file. */
    public DataNode value(String name) {
        DataNode node = values.get(name);
        if (node == null) {
            throw new DataException("The guide gives " + rule + " no value named " + name + ", which the rule needs.");
        }
        return node;
    }
}
