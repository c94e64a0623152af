package grintel.core.structure;

import grintel.core.paper.TextRange;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A part of a paper.
 *
 * @param level of a heading or of the section under it, from 1; else 0
 * @param first index of its first paragraph in the text
 * @param last index of its last paragraph
 * @param range the characters it takes, where it is a span of a paragraph; else null
 */
public record Part(
        PartKind kind,
        int level,
        int first,
        int last,
        @Nullable TextRange range,
        List<Part> children) {
    public Part {
        children = List.copyOf(children);
    }

    /** A paragraph that is a part. */
    static Part leaf(PartKind kind, int level, int paragraph, List<Part> spans) {
        return new Part(kind, level, paragraph, paragraph, null, spans);
    }

    /** A part made of others, of which there is at least one. */
    static Part of(PartKind kind, int level, List<Part> children) {
        return new Part(kind, level, children.get(0).first, children.get(children.size() - 1).last, null, children);
    }

    /** This part and all that stands in it, in order. */
    public Stream<Part> all() {
        return Stream.concat(Stream.of(this), children.stream().flatMap(Part::all));
    }

    /** The parts of a kind in it, in order, wherever they stand. */
    public List<Part> all(PartKind asked) {
        List<Part> out = new ArrayList<>();
        collect(asked, out);
        return out;
    }

    private void collect(PartKind asked, List<Part> out) {
        if (kind == asked) {
            out.add(this);
        }
        children.forEach(child -> child.collect(asked, out));
    }

    /** The first part of a kind directly in it, or null. */
    public @Nullable Part child(PartKind asked) {
        for (Part child : children) {
            if (child.kind == asked) {
                return child;
            }
        }
        return null;
    }
}
