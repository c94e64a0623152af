package grintel.core.rule;

import grintel.core.data.DataNode;

/** The words in which readings are told: one catalogue for every outlet. */
public final class Wording {
    private static final DataNode TEXTS = DataNode.resource(Wording.class, "wording.yaml");

    private Wording() {}

    /** What a reading is called, such as "Left margin". */
    public static String name(Reading reading) {
        return text(reading, "name");
    }

    /** A sentence that says what is off. */
    public static String message(Reading reading) {
        return text(reading, "off")
                .replace("{is}", reading.is().text())
                .replace("{asked}", reading.asked().text());
    }

    /** Why the guide asks for it and what putting it right does, in a sentence or two. */
    public static String why(String rule) {
        return TEXTS.get(rule).get("why").text();
    }

    /** What the rule is about, for lists of rules. */
    public static String title(String rule) {
        return TEXTS.get(rule).get("title").text();
    }

    private static String text(Reading reading, String kind) {
        return TEXTS.get(reading.rule()).get(reading.name()).get(kind).text();
    }
}
