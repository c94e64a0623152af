package grintel.core.guide.demand;

/** The stations of the order of work, in order. */
public enum Station {
    SHEET("sheet"),
    TYPE("type"),
    SPACING("spacing"),
    RUNNING_HEAD("running-head"),
    OPENING("opening"),
    HEADINGS("headings"),
    TEXT("text"),
    NOTES("notes"),
    TABLES("tables"),
    FIGURES("figures"),
    SOURCES("sources"),
    APPENDICES("appendices"),
    HAND_IN("hand-in");

    private final String id;

    Station(String id) {
        this.id = id;
    }

    /** The first part of the ids of its rules. */
    public String id() {
        return id;
    }

    /** The station a rule belongs to. */
    public static Station of(String rule) {
        for (Station station : values()) {
            if (rule.startsWith(station.id + ".")) {
                return station;
            }
        }
        throw new IllegalArgumentException("No station has a rule " + rule);
    }
}
