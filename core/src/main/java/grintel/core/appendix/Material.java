package grintel.core.appendix;

/**
 * What a writer says of a part of the materials; what is empty she leaves to what the lines tell.
 *
 * @param title on the line under the label
 * @param abbreviation of a scale's name
 * @param source where a scale is from, a sentence such as "Adapted from Verholt (2004)."
 */
public record Material(MaterialKind kind, String title, String abbreviation, String source) {
    /** A part of a kind of which nothing else is said. */
    public static Material of(MaterialKind kind) {
        return new Material(kind, "", "", "");
    }

    /** The title with the abbreviation behind it, where it does not hold it already. */
    String named(String found) {
        String name = title.isBlank() ? found : title.strip();
        boolean adds = kind == MaterialKind.SCALE && !abbreviation.isBlank() && !name.contains(abbreviation.strip());
        return adds ? (name + " (" + abbreviation.strip() + ")").strip() : name;
    }

    /** The source as a sentence, empty for none. */
    String sourceSentence() {
        String plain = kind == MaterialKind.SCALE ? source.strip() : "";
        return plain.isEmpty() || plain.matches(".*[.!?]") ? plain : plain + ".";
    }
}
