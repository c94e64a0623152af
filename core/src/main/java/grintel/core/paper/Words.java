package grintel.core.paper;

/** Counts words. */
public final class Words {
    private Words() {}

    /** Runs without white space that hold a letter or a digit. */
    public static int count(String text) {
        return Glance.of(text).words();
    }
}
