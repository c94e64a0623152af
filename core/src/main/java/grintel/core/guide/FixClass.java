package grintel.core.guide;

/** How far a fix may go on its own. */
public enum FixClass {
    /** Changes looks and white space only, in bulk. */
    LOOKS("looks"),
    /** Changes the paper's apparatus to what the guide dictates to the letter, after one list is confirmed. */
    APPARATUS("apparatus"),
    /** Asks for each, with a preview. */
    ASK("ask"),
    /** The writer's own work. */
    NONE("none");

    private final String id;

    FixClass(String id) {
        this.id = id;
    }

    /** As reports write it. */
    public String id() {
        return id;
    }
}
