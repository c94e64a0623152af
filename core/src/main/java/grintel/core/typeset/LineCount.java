package grintel.core.typeset;

/** How many lines a text takes when it is set in a measure of its own. */
public final class LineCount {
    private LineCount() {}

    /**
     * Counts lines, broken at spaces.
     *
     * @param halfPoints size of the type
     * @param width of the measure in millipoints
     */
    public static int of(String text, String face, int halfPoints, int width) {
        FaceCatalogue faces = FaceCatalogue.shipped();
        Type type = Type.plain(faces.metrics(faces.choose(face).family(), false, false), halfPoints);
        double space = type.advance(' ');
        double x = 0;
        int lines = 1;
        for (String word : text.strip().split("\\s+", -1)) {
            double advance = word.codePoints().mapToDouble(type::advance).sum();
            if (x > 0 && x + space + advance > width) {
                lines++;
                x = advance;
            } else {
                x += (x > 0 ? space : 0) + advance;
            }
        }
        return lines;
    }
}
