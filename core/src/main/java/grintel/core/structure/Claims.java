package grintel.core.structure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * What recognisers claim of each paragraph. Claims of one kind strengthen each other as independent evidence does: what
 * is left of the doubt is the product of their doubts. The kind with the least doubt left wins; where much is left of
 * every doubt, the paragraph is not known.
 */
final class Claims {
    /** A kind less sure than this is not taken. */
    private static final double LEAST = 0.35;

    private final List<List<Claim>> claims = new ArrayList<>();

    Claims(int paragraphs) {
        for (int i = 0; i < paragraphs; i++) {
            claims.add(new ArrayList<>(2));
        }
    }

    void add(int paragraph, PartKind kind, double weight, String because) {
        claims.get(paragraph).add(new Claim(kind, weight, because));
    }

    /** What is left of the doubt of each kind that is claimed. */
    private Map<PartKind, Double> doubts(int paragraph) {
        Map<PartKind, Double> doubts = new EnumMap<>(PartKind.class);
        for (Claim claim : claims.get(paragraph)) {
            doubts.merge(claim.kind(), 1 - claim.weight(), (one, other) -> one * other);
        }
        return doubts;
    }

    /** The doubt of a kind beside that of the next best, from 0 to 1. */
    double doubt(int paragraph, PartKind kind) {
        Map<PartKind, Double> doubts = doubts(paragraph);
        double own = doubts.getOrDefault(kind, 1.0);
        doubts.remove(kind);
        double next =
                doubts.values().stream().mapToDouble(Double::doubleValue).min().orElse(1);
        return own == 0 ? 0 : Math.min(1, own / next);
    }

    /** The kind of a paragraph as far as claimed now. */
    PartKind kind(int paragraph) {
        List<Claim> all = claims.get(paragraph);
        if (all.size() == 1) {
            // Most paragraphs of a paper, each asked for again and again.
            return all.get(0).weight() > LEAST ? all.get(0).kind() : PartKind.UNKNOWN;
        }
        Map<PartKind, Double> doubts = doubts(paragraph);
        PartKind best = PartKind.UNKNOWN;
        double least = 1 - LEAST;
        for (Map.Entry<PartKind, Double> each : doubts.entrySet()) {
            if (each.getValue() < least) {
                best = each.getKey();
                least = each.getValue();
            }
        }
        return best;
    }

    boolean is(int paragraph, PartKind kind) {
        return kind(paragraph) == kind;
    }

    /** The claims for the kind a paragraph was found to be, the weightiest first. */
    List<Claim> evidence(int paragraph, PartKind kind) {
        return claims.get(paragraph).stream()
                .filter(claim -> claim.kind() == kind)
                .sorted(Comparator.comparingDouble(Claim::weight).reversed())
                .toList();
    }
}
