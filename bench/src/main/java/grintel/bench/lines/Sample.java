package grintel.bench.lines;

import java.util.List;

/**
 * A paragraph to be set by both engines.
 *
 * @param face name of the face asked for
 * @param file how the files of the face it is set in begin
 * @param points size of its type
 * @param width of the column, in points
 * @param indent of the first line, in points
 */
public record Sample(List<Run> runs, String face, String file, double points, int width, int indent) {
    public Sample {
        runs = List.copyOf(runs);
    }

    /** Characters of one weight and slant. */
    public record Run(String text, boolean bold, boolean italic) {}

    /** All characters. */
    public String text() {
        StringBuilder out = new StringBuilder();
        runs.forEach(run -> out.append(run.text()));
        return out.toString();
    }
}
