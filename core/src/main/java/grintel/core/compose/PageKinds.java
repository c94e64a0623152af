package grintel.core.compose;

import grintel.core.paper.Story;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What pages show, and which pages of two papers show the same. */
public final class PageKinds {
    /** How much a part tells of what kind of page it stands on; those not named tell nothing. */
    private static final Map<PartKind, Integer> TELLING = Map.ofEntries(
            Map.entry(PartKind.TITLE, 6),
            Map.entry(PartKind.AUTHOR, 4),
            Map.entry(PartKind.ABSTRACT_LABEL, 8),
            Map.entry(PartKind.ABSTRACT_TEXT, 6),
            Map.entry(PartKind.SOURCES_LABEL, 6),
            Map.entry(PartKind.ENTRY, 8),
            Map.entry(PartKind.APPENDIX_LABEL, 8),
            Map.entry(PartKind.NOTES_LABEL, 8),
            Map.entry(PartKind.GRID, 4),
            Map.entry(PartKind.PICTURE, 4),
            Map.entry(PartKind.BLOCK_QUOTATION, 3),
            Map.entry(PartKind.HEADING, 2),
            Map.entry(PartKind.PARAGRAPH, 2));

    private PageKinds() {}

    /** The kinds of parts each page shows, in order of the pages. */
    static List<Set<PartKind>> of(Proof proof, Parts parts) {
        return proof.pages().stream().map(page -> kinds(page, parts)).toList();
    }

    /**
     * For each page of a paper the page of a specimen that shows most of what it shows, and least besides.
     *
     * @return numbers of the specimen's pages, from 1
     */
    public static List<Integer> alike(Proof proof, Parts parts, Specimen specimen) {
        List<Set<PartKind>> shown =
                of(specimen.report().proof(), specimen.report().parts());
        List<Integer> out = new ArrayList<>();
        for (Set<PartKind> page : of(proof, parts)) {
            int best = 0;
            int most = Integer.MIN_VALUE;
            for (int i = 0; i < shown.size(); i++) {
                int alike = alike(page, shown.get(i));
                if (alike > most) {
                    most = alike;
                    best = i;
                }
            }
            out.add(best + 1);
        }
        return out;
    }

    private static int alike(Set<PartKind> page, Set<PartKind> specimen) {
        int sum = 0;
        for (Map.Entry<PartKind, Integer> telling : TELLING.entrySet()) {
            boolean here = page.contains(telling.getKey());
            boolean there = specimen.contains(telling.getKey());
            sum += here && there ? 2 * telling.getValue() : here != there ? -telling.getValue() : 0;
        }
        return sum;
    }

    private static Set<PartKind> kinds(ProofPage page, Parts parts) {
        Set<PartKind> out = EnumSet.noneOf(PartKind.class);
        for (ProofLine line : page.lines()) {
            Story story = line.paragraph().story();
            if (story.equals(Story.TEXT)) {
                out.add(parts.kind(line.paragraph().index()));
            } else if (story.kind() == Story.Kind.FOOTNOTE || story.kind() == Story.Kind.ENDNOTE) {
                out.add(PartKind.NOTE);
            }
        }
        if (!page.pictures().isEmpty()) {
            out.add(PartKind.PICTURE);
        }
        return out;
    }
}
