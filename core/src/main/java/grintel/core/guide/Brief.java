package grintel.core.guide;

import org.jspecify.annotations.Nullable;

/** What one paper is judged by: the guide, house rules laid over it, and the facts of the paper. */
public record Brief(Guide guide, Facts facts) {
    /** The brief of a guide, house rules if there are any, and facts. */
    public static Brief of(Guide guide, @Nullable HouseRules house, Facts facts) {
        return new Brief(house == null ? guide : guide.with(house), facts);
    }
}
