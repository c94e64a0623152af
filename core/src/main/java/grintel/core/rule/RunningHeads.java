package grintel.core.rule;

import grintel.core.paper.Marginals;
import grintel.core.paper.Section;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The headers and footers that stand on pages of a paper, by section and variant. */
public final class RunningHeads {
    private final List<Head> heads;
    private final @Nullable Head reference;

    private RunningHeads(List<Head> heads, @Nullable Head reference) {
        this.heads = heads;
        this.reference = reference;
    }

    static RunningHeads of(Examination exam) {
        Map<Key, List<Integer>> pages = new LinkedHashMap<>();
        for (ProofPage page : exam.proof().pages()) {
            pages.computeIfAbsent(new Key(page.section(), page.variant()), key -> new ArrayList<>())
                    .add(page.number());
        }
        List<Head> heads = new ArrayList<>();
        pages.forEach((key, on) -> heads.add(head(exam, key, on)));
        Head most = null;
        for (Head head : heads) {
            boolean usual = head.variant() == Marginals.Variant.DEFAULT;
            if (usual && (most == null || head.pages().size() > most.pages().size())) {
                most = head;
            }
        }
        if (most == null && !heads.isEmpty()) {
            // Every page has a first or even variant; the usual one is declared all the same.
            most = head(exam, new Key(heads.get(0).section(), Marginals.Variant.DEFAULT), List.of(1));
        }
        return new RunningHeads(heads, most);
    }

    private static Head head(Examination exam, Key key, List<Integer> pages) {
        Section section = exam.paper().sections().get(key.section);
        return new Head(
                key.section,
                key.variant,
                owner(exam, key),
                HeadContent.of(section.headers().get(key.variant)),
                HeadContent.of(section.footers().get(key.variant)),
                pages);
    }

    /** The section that declares the header a section shows, or the first where none does. */
    private static int owner(Examination exam, Key key) {
        for (int i = key.section; i > 0; i--) {
            Marginals.Marginal marginal =
                    exam.paper().sections().get(i).headers().get(key.variant);
            if (marginal != null && !marginal.inherited()) {
                return i;
            }
        }
        return 0;
    }

    /** All that stand on pages, in order. */
    public List<Head> all() {
        return heads;
    }

    /** The one most pages have: what the others are compared with. */
    public Head reference() {
        if (reference == null) {
            throw new IllegalStateException("A proof has at least one page");
        }
        return reference;
    }

    /**
     * Those a rule about content judges: not a first page's, which differs or not as a matter of its own, and not those
     * of a section that differs as a whole.
     */
    public List<Head> judged() {
        return heads.stream()
                .filter(head -> head.variant() != Marginals.Variant.FIRST)
                .filter(head -> head.variant() == Marginals.Variant.EVEN || !differs(head))
                .toList();
    }

    /** The usual headers of sections that differ from the reference. */
    public List<Head> differing() {
        return heads.stream()
                .filter(head -> head.variant() == Marginals.Variant.DEFAULT && differs(head))
                .toList();
    }

    private boolean differs(Head head) {
        return !head.header().saysTheSameAs(reference().header());
    }

    /**
     * A header and footer on some pages.
     *
     * @param owner the section that declares the header
     * @param pages numbers of the sheets, in order
     */
    public record Head(
            int section,
            Marginals.Variant variant,
            int owner,
            HeadContent header,
            HeadContent footer,
            List<Integer> pages) {
        public Head {
            pages = List.copyOf(pages);
        }

        public boolean hasNumber() {
            return header.hasNumber() || footer.hasNumber();
        }
    }

    private record Key(int section, Marginals.Variant variant) {}
}
