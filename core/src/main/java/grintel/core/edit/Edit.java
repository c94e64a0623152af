package grintel.core.edit;

import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Property;
import grintel.core.paper.Story;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One change to a paper's file. Addresses are those of the paper before any edit of the same list. */
public sealed interface Edit {
    /** What the edit changes: two different edits of the same thing cannot both be made. */
    Object slot();

    /**
     * Sets a formatting property, or takes away what the target says of it.
     *
     * @param value the value, of the property's type; null to take it away
     */
    record SetProperty(
            Target target, Property<?> property, @Nullable Object value) implements Edit {
        @Override
        public Object slot() {
            return List.of(target, property);
        }
    }

    /** Takes out a paragraph in which nothing can be seen. */
    record RemoveBlankParagraph(ParagraphAddress paragraph) implements Edit {
        @Override
        public Object slot() {
            return List.of("paragraph", paragraph);
        }
    }

    /**
     * Replaces white space in a run.
     *
     * @param from offset of the first character replaced, among all characters of the run
     * @param to offset after the last
     * @param replacement white space, or nothing
     */
    record ReplaceSpace(ParagraphAddress paragraph, int run, int from, int to, String replacement) implements Edit {
        @Override
        public Object slot() {
            return List.of("space", paragraph, run);
        }

        public ReplaceSpace {
            if (!replacement.isBlank()) {
                throw new IllegalArgumentException("Only white space may replace white space");
            }
        }
    }

    /**
     * Writes a header or footer of a section anew, in a part of its own where the present one is shared with other
     * sections; one without pieces is blank.
     *
     * @param kind header or footer
     */
    record WriteMarginal(int section, Story.Kind kind, Marginals.Variant variant, MarginalContent content)
            implements Edit {
        @Override
        public Object slot() {
            return List.of(section, kind, variant);
        }
    }

    /** Lets a section take its header or footer from the section before. */
    record InheritMarginal(int section, Story.Kind kind, Marginals.Variant variant) implements Edit {
        @Override
        public Object slot() {
            return List.of(section, kind, variant);
        }
    }

    /** Turns a setting of the whole file on or off. */
    record SetSetting(Setting setting, boolean on) implements Edit {
        @Override
        public Object slot() {
            return setting;
        }
    }

    /** Settings of a whole file. */
    enum Setting {
        EVEN_PAGES_DIFFER,
        HYPHENATION
    }
}
