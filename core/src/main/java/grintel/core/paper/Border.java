package grintel.core.paper;

/**
 * One line round a table cell (ISO 29500-1 §17.4.66).
 *
 * @param weight eighths of a point, 0 where there is no line
 * @param lines 1, or 2 for a double line
 */
public record Border(int weight, int lines, Colour colour) {
    /** No line. */
    public static final Border NONE = new Border(0, 1, Colour.AUTO);

    public boolean isVisible() {
        return weight > 0;
    }

    /** The four lines round a cell. */
    public record Frame(Border top, Border right, Border bottom, Border left) {
        /** No line on any side. */
        public static final Frame NONE = new Frame(Border.NONE, Border.NONE, Border.NONE, Border.NONE);
    }
}
