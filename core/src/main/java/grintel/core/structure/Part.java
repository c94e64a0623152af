package grintel.core.structure;

import grintel.core.paper.TextRange;
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
 * @param evidence what it was told by, the weightiest first; none for what only holds others
 */
public record Part(
        PartKind kind,
        int level,
        int first,
        int last,
        @Nullable TextRange range,
        List<Part> children,
        List<Claim> evidence) {
    public Part {
        children = List.copyOf(children);
        evidence = List.copyOf(evidence);
    }

    /** A paragraph that is a part. */
    static Part leaf(PartKind kind, int level, int paragraph, List<Part> spans, List<Claim> evidence) {
        return new Part(kind, level, paragraph, paragraph, null, spans, evidence);
    }

    /** A part made of others, of which there is at least one. */
    static Part of(PartKind kind, int level, List<Part> children) {
        return new Part(
                kind, level, children.get(0).first, children.get(children.size() - 1).last, null, children, List.of());
    }

    /** This part and all that stands in it, in order. */
    public Stream<Part> all() {
        return Stream.concat(Stream.of(this), children.stream().flatMap(Part::all));
    }

    /** The parts of a kind in it, in order, wherever they stand. */
    public List<Part> all(PartKind asked) {
        return all().filter(part -> part.kind == asked).toList();
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
