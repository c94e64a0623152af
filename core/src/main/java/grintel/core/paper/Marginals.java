package grintel.core.paper;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * The headers of a section, or its footers, after inheritance from the section before (ISO 29500-1 §17.10.5).
 *
 * @param stories by variant, in the order of the variants; a missing one is blank
 */
public record Marginals(Map<Variant, Marginal> stories) {
    public static final Marginals NONE = new Marginals(Map.of());

    public Marginals {
        Map<Variant, Marginal> ordered = new EnumMap<>(Variant.class);
        ordered.putAll(stories);
        stories = Collections.unmodifiableMap(ordered);
    }

    /** The header or footer of a variant, or null where it is blank. */
    public @Nullable Marginal get(Variant variant) {
        return stories.get(variant);
    }

    /** The pages a header stands on. */
    public enum Variant {
        /** Every page that no other variant takes. */
        DEFAULT,
        FIRST,
        EVEN
    }

    /**
     * One header or footer.
     *
     * @param inherited whether it is the one of a section before
     */
    public record Marginal(Story story, List<Block> blocks, boolean inherited) {
        public Marginal {
            blocks = List.copyOf(blocks);
        }

        /** Its paragraphs, those in table cells included. */
        public List<Paragraph> paragraphs() {
            return Blocks.paragraphs(blocks);
        }
    }
}
