package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** Whether type is bold. */
public enum Boldness implements Worded {
    BOLD("true"),
    PLAIN("false"),
    /** One or the other. */
    ANY("any");

    private final String id;

    Boldness(String id) {
        this.id = id;
    }

    @Override
    public String id() {
        return id;
    }
}
