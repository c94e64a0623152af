package grintel.core.edit;

import grintel.core.paper.Origin;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Property;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * Finds the edits that give a property a value where it is wanted, made at the cause.
 *
 * <p>The holders with a wrong value are grouped by where the value under their direct formatting comes from. Where that
 * is right already, the direct formatting goes. Where it is wrong, the style it comes from is changed (for a document
 * default, the style all those paragraphs build on), the direct formatting goes as well, and whatever else drew the old
 * value from there keeps it by saying it itself. When more would have to be kept than is put right, the style is left
 * alone and the few are changed directly.
 */
public final class Cause {
    /** A style is changed for the sake of its holders even if this many others have to be kept as they are. */
    private static final int FEW = 2;

    private final Paper paper;
    private final boolean alone;
    private final Map<Holder.Kind, List<Holder>> everywhere;

    public Cause(Paper paper) {
        this(paper, false, new ConcurrentHashMap<>());
    }

    private Cause(Paper paper, boolean alone, Map<Holder.Kind, List<Holder>> everywhere) {
        this.paper = paper;
        this.alone = alone;
        this.everywhere = everywhere;
    }

    /** The same, with no other welcome to take a value along: for a change at one place among many. */
    public Cause alone() {
        return new Cause(paper, true, everywhere);
    }

    /** Whether no other is welcome to take a value along. */
    public boolean isAlone() {
        return alone;
    }

    /** Edits that give each of these holders the value; all others keep what they have. */
    public <T> List<Edit> set(Collection<Holder> wanted, Property<T> property, T value) {
        return set(wanted, property, value, other -> false);
    }

    /**
     * Edits that give each of these holders the value.
     *
     * @param welcome others that may take the value along with them; all others keep what they have
     */
    public <T> List<Edit> set(Collection<Holder> wanted, Property<T> property, T value, Predicate<Holder> welcome) {
        Map<Origin, List<Holder>> wrong = new LinkedHashMap<>();
        for (Holder holder : wanted) {
            if (!holder.format().get(property).equals(value)) {
                Origin base = holder.format().withoutDirect().origin(property);
                wrong.computeIfAbsent(base, key -> new ArrayList<>()).add(holder);
            }
        }
        List<Edit> edits = new ArrayList<>();
        Set<Target> asked = new LinkedHashSet<>();
        wanted.forEach(holder -> asked.add(holder.target()));
        wrong.forEach((origin, holders) -> edits.addAll(group(origin, holders, asked, property, value, welcome)));
        return edits;
    }

    private <T> List<Edit> group(
            Origin origin,
            List<Holder> holders,
            Set<Target> wanted,
            Property<T> property,
            T value,
            Predicate<Holder> welcome) {
        List<Edit> edits = new ArrayList<>();
        boolean baseIsRight =
                holders.get(0).format().withoutDirect().get(property).equals(value);
        if (baseIsRight) {
            for (Holder holder : holders) {
                edits.add(new Edit.SetProperty(holder.target(), property, null));
            }
            return edits;
        }
        Style host = host(origin, holders.get(0));
        if (host == null) {
            return direct(holders, property, value);
        }
        List<Holder> others =
                dependents(host, wanted, property, value, holders.get(0).kind());
        others.removeIf(alone ? other -> false : welcome);
        boolean worthwhile = others.size() <= Math.max(FEW, holders.size()) && (holders.size() > 1 || others.isEmpty());
        if (!worthwhile) {
            return direct(holders, property, value);
        }
        edits.add(new Edit.SetProperty(new Target.OfStyle(host.id()), property, value));
        for (Holder holder : holders) {
            if (says(holder, property)) {
                edits.add(new Edit.SetProperty(holder.target(), property, null));
            } else if (!buildsOn(holder, host)) {
                edits.add(new Edit.SetProperty(holder.target(), property, value));
            }
        }
        for (Holder other : others) {
            edits.add(new Edit.SetProperty(
                    other.target(), property, other.format().get(property)));
        }
        return edits;
    }

    private static <T> List<Edit> direct(List<Holder> holders, Property<T> property, T value) {
        List<Edit> edits = new ArrayList<>();
        for (Holder holder : holders) {
            edits.add(new Edit.SetProperty(holder.target(), property, value));
        }
        return edits;
    }

    /** The style to change for a value of this origin, or null where only direct formatting will do. */
    private @Nullable Style host(Origin origin, Holder holder) {
        if (origin instanceof Origin.OfStyle style) {
            Style found = paper.styles().find(style.id());
            return found == null || found.kind() == Style.Kind.TABLE ? null : found;
        }
        if (origin instanceof Origin.Initial || origin instanceof Origin.DocumentDefault) {
            Style own = holder.paragraph().style();
            List<Style> chain = paper.styles().chain(own);
            return chain.isEmpty() ? null : chain.get(0);
        }
        return null;
    }

    /** Whatever else would change if the style did, and should not. */
    private <T> List<Holder> dependents(
            Style host, Set<Target> wanted, Property<T> property, T value, Holder.Kind kind) {
        List<Holder> out = new ArrayList<>();
        for (Holder each : everywhere.computeIfAbsent(kind, every -> Holder.all(paper, every))) {
            if (!wanted.contains(each.target())
                    && drawsFrom(each, host, property)
                    && !each.format().get(property).equals(value)) {
                out.add(each);
            }
        }
        return out;
    }

    private boolean buildsOn(Holder holder, Style host) {
        if (host.kind() == Style.Kind.CHARACTER) {
            return true;
        }
        return paper.styles().buildsOn(holder.paragraph().style(), host.id());
    }

    /** Whether a holder's value would be what the style says, if the style said something. */
    private boolean drawsFrom(Holder holder, Style host, Property<?> property) {
        Origin origin = holder.format().origin(property);
        if (origin instanceof Origin.OfStyle style && style.id().equals(host.id())) {
            return true;
        }
        if (host.kind() == Style.Kind.CHARACTER || origin instanceof Origin.Direct) {
            return false;
        }
        StyleSheet styles = paper.styles();
        List<Style> chain = styles.chain(holder.paragraph().style());
        int at = indexOf(chain, host.id());
        if (at < 0) {
            return false;
        }
        if (origin instanceof Origin.OfStyle style) {
            Style saying = styles.find(style.id());
            if (saying != null && saying.kind() == Style.Kind.CHARACTER) {
                return false;
            }
            return indexOf(chain, style.id()) < at;
        }
        return !(origin instanceof Origin.Numbering);
    }

    private static int indexOf(List<Style> chain, String id) {
        for (int i = 0; i < chain.size(); i++) {
            if (chain.get(i).id().equals(id)) {
                return i;
            }
        }
        return -1;
    }

    private static boolean says(Holder holder, Property<?> property) {
        return holder.format().origin(property) instanceof Origin.Direct;
    }

    /** The holders for paragraph properties of these paragraphs. */
    public static List<Holder> paragraphs(Collection<Paragraph> paragraphs) {
        return paragraphs.stream().map(Holder::ofParagraph).toList();
    }
}
