package grintel.core.structure;

/** Tells the entries of lists of sources and of pages of notes, from their labels on. */
final class EntryRecogniser implements Recogniser {
    @Override
    public void claim(Manuscript manuscript, Zones zones, Claims claims) {
        for (int i = 0; i < manuscript.size(); i++) {
            if (manuscript.isInGrid(i) || manuscript.get(i).text().isEmpty()) {
                continue;
            }
            switch (zones.zone(i)) {
                case SOURCES -> {
                    boolean entry = manuscript.get(i).endsLikeProse()
                            || manuscript.get(i).words() > 5;
                    claims.add(i, PartKind.ENTRY, entry ? 0.8 : 0.5, "it stands in the list of sources");
                }
                case NOTES -> claims.add(i, PartKind.NOTE, 0.8, "it stands under the label of a page of notes");
                default -> {}
            }
        }
    }
}
