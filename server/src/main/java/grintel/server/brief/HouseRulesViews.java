package grintel.server.brief;

import grintel.core.guide.Contradictions;
import grintel.core.guide.Difference;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.rule.Wording;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** House rules as the web application sees them. */
final class HouseRulesViews {
    private HouseRulesViews() {}

    /**
     * A set in a library.
     *
     * @param takenFrom name of the set it was copied from, missing for none
     * @param shared what its link holds, missing where it is not shared
     */
    record HouseSetView(
            UUID id,
            String guide,
            HouseChoice house,
            ToldView told,

            @Nullable String takenFrom,

            @Nullable Instant takenAt,

            @Nullable String shared,
            Instant changedAt) {
        static HouseSetView of(HouseRuleSet set) {
            return new HouseSetView(
                    set.id(),
                    set.guide(),
                    set.house(),
                    ToldView.of(found(set.guide()), set.house()),
                    set.takenFrom(),
                    set.takenAt(),
                    set.shareToken(),
                    set.changedAt());
        }
    }

    /** A set as its link shows it: nothing of whose it is. */
    record SharedSetView(String guide, HouseChoice house, ToldView told, Instant changedAt) {
        static SharedSetView of(HouseRuleSet set) {
            return new SharedSetView(
                    set.guide(), set.house(), ToldView.of(found(set.guide()), set.house()), set.changedAt());
        }
    }

    /**
     * What house rules ask otherwise, in words.
     *
     * @param contradictions a sentence each
     */
    record ToldView(List<DifferenceView> differences, List<String> contradictions) {
        static ToldView of(Guide guide, HouseChoice house) {
            Guide changed = guide.with(house.read());
            return new ToldView(
                    Difference.between(guide, changed).stream()
                            .map(DifferenceView::of)
                            .toList(),
                    Contradictions.between(guide, changed).stream()
                            .map(Wording::told)
                            .toList());
        }
    }

    /**
     * One difference.
     *
     * @param name of the value, or weight
     * @param guide what the guide itself asks, empty for nothing
     */
    record DifferenceView(String rule, String title, String name, String about, String is, String guide) {
        static DifferenceView of(Difference difference) {
            return new DifferenceView(
                    difference.rule(),
                    Wording.title(difference.rule()),
                    difference.name(),
                    difference.about(),
                    difference.is(),
                    difference.guide());
        }
    }

    /** A guide and rules laid over it. */
    record HouseRequest(
            @Nullable String guide,
            @Nullable String name,
            @Nullable Map<String, Map<String, Object>> rules) {
        HouseChoice house() {
            return new HouseChoice(Objects.requireNonNullElse(name, ""), Objects.requireNonNullElse(rules, Map.of()));
        }
    }

    /** House rules as a file says them. */
    record ReadView(String guide, HouseChoice house) {}

    private static Guide found(String id) {
        return Objects.requireNonNull(Guides.find(id), id);
    }
}
