package grintel.core.structure;

import java.util.Arrays;

/** Which zone each paragraph stands in, and where the part begins that it stands in. */
final class Zones {
    private final Zone[] zones;
    private final int[] starts;

    private Zones(int paragraphs) {
        zones = new Zone[paragraphs];
        starts = new int[paragraphs];
    }

    /**
     * The zones of a paper.
     *
     * @param text index of the first paragraph after the opening
     * @param unlabelled index of the first entry of a list of sources without label, -1 for none
     */
    static Zones of(Manuscript manuscript, Claims claims, int text, int unlabelled) {
        Zones zones = new Zones(manuscript.size());
        Arrays.fill(zones.zones, 0, text, Zone.OPENING);
        Zone zone = Zone.BODY;
        int start = text;
        for (int i = text; i < manuscript.size(); i++) {
            Zone begun = switch (claims.kind(i)) {
                case SOURCES_LABEL -> Zone.SOURCES;
                case NOTES_LABEL -> Zone.NOTES;
                case APPENDIX_LABEL -> Zone.APPENDIX;
                default -> i == unlabelled ? Zone.SOURCES : null;
            };
            if (begun != null) {
                zone = begun;
                start = i;
            }
            zones.zones[i] = zone;
            zones.starts[i] = start;
        }
        return zones;
    }

    Zone zone(int index) {
        return zones[index];
    }

    /** Index of the paragraph with which the part begins that one stands in. */
    int start(int index) {
        return starts[index];
    }

    /** Whether two paragraphs stand in the same part. */
    boolean areTogether(int one, int other) {
        return zones[one] == zones[other] && starts[one] == starts[other];
    }
}
