package grintel.core.structure;

/**
 * That a paragraph is of a kind, as one recogniser sees it.
 *
 * @param weight how sure that alone makes it, from 0 to 1
 * @param because what it goes by, in a few words
 */
public record Claim(PartKind kind, double weight, String because) {
    public Claim {
        if (weight < 0 || weight > 1) {
            throw new IllegalArgumentException("A weight is from 0 to 1, not " + weight);
        }
    }
}
