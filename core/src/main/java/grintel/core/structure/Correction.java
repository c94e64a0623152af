package grintel.core.structure;

import org.jspecify.annotations.Nullable;

/**
 * What the writer says a paragraph is, whatever it was taken for. The paragraph is found again by its words; where
 * those were changed, by those before and after it.
 *
 * @param own the letters of its words
 * @param nth of the paragraphs of these words, counted from 0
 * @param before those of the paragraph before it, blank ones left out; empty at the start
 * @param after those of the paragraph after it; empty at the end
 * @param kind what it is, one of {@link PartKind#CORRECTABLE}
 * @param level of a heading, from 1; null to have it told by the look
 */
public record Correction(
        String own,
        int nth,
        String before,
        String after,
        PartKind kind,
        @Nullable Integer level) {
    public Correction {
        if (!PartKind.CORRECTABLE.contains(kind)) {
            throw new IllegalArgumentException("No paragraph can be said to be " + kind);
        }
    }
}
