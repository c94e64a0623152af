package grintel.core.rule;

import grintel.core.guide.Ask;
import java.util.List;

/** What a rule says of a paper. */
public record Verdict(Status status, Ask ask, List<Reading> readings) {
    static final Verdict NOT_ASKED = new Verdict(Status.NOT_ASKED, Ask.nothing(""), List.of());

    public Verdict {
        readings = List.copyOf(readings);
    }

    /** The readings that are off. */
    public List<Reading> findings() {
        return readings.stream().filter(Reading::off).toList();
    }

    /** How a paper stands to a rule. */
    public enum Status {
        MET("met"),
        OFF("off"),
        ABSENT("absent"),
        NOT_ASKED("not-asked");

        private final String id;

        Status(String id) {
            this.id = id;
        }

        /** As reports write it. */
        public String id() {
            return id;
        }

        static Status of(List<Reading> readings) {
            if (readings.isEmpty()) {
                return ABSENT;
            }
            return readings.stream().anyMatch(Reading::off) ? OFF : MET;
        }
    }
}
