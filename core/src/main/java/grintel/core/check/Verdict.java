package grintel.core.check;

import grintel.core.guide.Ask;
import grintel.core.guide.value.Worded;
import grintel.core.rule.Reading;
import java.util.List;

/** What a rule says of the paper. */
public record Verdict(Status status, Ask ask, List<Reading> readings) {
    public Verdict {
        readings = List.copyOf(readings);
    }

    static Verdict notAsked(String rule) {
        return new Verdict(Status.NOT_ASKED, Ask.nothing(rule), List.of());
    }

    /** The readings that are off. */
    public List<Reading> findings() {
        return readings.stream().filter(Reading::off).toList();
    }

    /** How a paper stands to a rule. */
    public enum Status implements Worded {
        MET,
        OFF,
        /** The paper has nothing of the kind. */
        ABSENT,
        NOT_ASKED;

        static Status of(List<Reading> readings) {
            if (readings.isEmpty()) {
                return ABSENT;
            }
            return readings.stream().anyMatch(Reading::off) ? OFF : MET;
        }
    }
}
