package grintel.core.paper;

/**
 * Distance from baseline to baseline (ISO 29500-1 §17.3.1.33).
 *
 * @param rule what {@code value} means
 * @param value 240ths of a line for {@link Rule#MULTIPLE}, else twips; at least 1
 */
public record LineSpacing(Rule rule, int value) {
    /** One line of the face's own height. */
    public static final LineSpacing SINGLE = new LineSpacing(Rule.MULTIPLE, 240);

    public static final LineSpacing DOUBLE = new LineSpacing(Rule.MULTIPLE, 480);

    /** What a line spacing's value means. */
    public enum Rule {
        MULTIPLE,
        EXACTLY,
        AT_LEAST
    }

    /** A multiple of the face's own line, such as 2 for double. */
    public static LineSpacing multiple(double lines) {
        return new LineSpacing(Rule.MULTIPLE, (int) Math.round(lines * 240));
    }
}
