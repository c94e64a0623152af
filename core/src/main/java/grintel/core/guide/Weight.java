package grintel.core.guide;

import grintel.core.data.DataNode;

/** How much a guide makes of a rule. */
public enum Weight {
    REQUIRED("required"),
    ADVISED("advised"),
    NOT_ASKED("not-asked");

    private final String id;

    Weight(String id) {
        this.id = id;
    }

    /** As guide files write it. */
    public String id() {
        return id;
    }

    static Weight of(DataNode node) {
        String text = node.text();
        for (Weight weight : values()) {
            if (weight.id.equals(text)) {
                return weight;
            }
        }
        throw node.wrong("should be required, advised or not-asked, not \"" + text + "\"");
    }
}
