package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** How far a fix may go on its own, from the least to the furthest. */
public enum FixClass implements Worded {
    /** Changes looks and white space only, in bulk. */
    LOOKS("S"),
    /** Changes the paper's apparatus to what the guide dictates to the letter, after one list is confirmed. */
    APPARATUS("T"),
    /** Asks for each, with a preview. */
    ASK("A"),
    /** The writer's own work. */
    NONE("–");

    private final String sign;

    FixClass(String sign) {
        this.sign = sign;
    }

    /** Its letter in tables. */
    public String sign() {
        return sign;
    }
}
