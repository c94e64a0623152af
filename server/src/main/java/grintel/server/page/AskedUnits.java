package grintel.server.page;

import grintel.core.rule.Units;
import grintel.server.problem.Problem;
import java.util.Arrays;

/** The unit in which a request wants lengths told. */
public final class AskedUnits {
    private AskedUnits() {}

    /** @throws Problem when there is no such unit */
    public static Units of(String id) {
        return Arrays.stream(Units.values())
                .filter(units -> units.id().equals(id))
                .findFirst()
                .orElseThrow(() -> Problem.badRequest("Lengths are told in inches or centimetres."));
    }
}
