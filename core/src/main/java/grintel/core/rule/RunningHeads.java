package grintel.core.rule;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.FirstPage;
import grintel.core.paper.Marginals;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** The headers and footers that stand on pages of a paper, by section and variant. */
public final class RunningHeads {
    private final Examination exam;
    private final List<Head> heads;
    private final Head reference;
    private final boolean bareTitlePage;

    private RunningHeads(Examination exam, List<Head> heads) {
        this.exam = exam;
        this.heads = heads;
        this.bareTitlePage = asksBareTitlePage(exam);
        this.reference = mostUsed();
    }

    static RunningHeads of(Examination exam) {
        Map<Key, List<Integer>> pages = new LinkedHashMap<>();
        for (ProofPage page : exam.proof().pages()) {
            pages.computeIfAbsent(new Key(page.section(), page.variant()), key -> new ArrayList<>())
                    .add(page.number());
        }
        List<Head> heads = new ArrayList<>();
        pages.forEach((key, on) -> heads.add(head(exam, key, on)));
        return new RunningHeads(exam, withDigitsOfPages(heads));
    }

    private static Head head(Examination exam, Key key, List<Integer> pages) {
        Section section = exam.paper().sections().get(key.section);
        String expected = HeadWords.known(exam);
        int total = exam.proof().pages().size();
        return new Head(
                section,
                key.variant,
                owner(exam, key, Story.Kind.HEADER),
                owner(exam, key, Story.Kind.FOOTER),
                HeadContent.of(section.headers().get(key.variant), expected, total),
                HeadContent.of(section.footers().get(key.variant), expected, total),
                pages,
                exam.proof().pages().get(pages.get(0) - 1).printedNumber(),
                total);
    }

    /** The section that declares what a section shows, or the first where none does. */
    private static int owner(Examination exam, Key key, Story.Kind kind) {
        for (int i = key.section; i > 0; i--) {
            Marginals.Marginal marginal =
                    exam.paper().sections().get(i).marginals(kind).get(key.variant);
            if (marginal != null && !marginal.inherited()) {
                return i;
            }
        }
        return 0;
    }

    /** Where several headers end in the very number of the one page each stands on, their digits are page numbers. */
    private static List<Head> withDigitsOfPages(List<Head> heads) {
        Predicate<Head> own =
                head -> head.pages().size() == 1 && head.header().lastDigits().equals(head.printed());
        if (heads.stream().filter(own).count() < 2) {
            return heads;
        }
        return heads.stream()
                .map(head -> own.test(head) ? with(head, head.header().withLastDigitsAsNumber()) : head)
                .toList();
    }

    private static Head with(Head head, HeadContent header) {
        return new Head(
                head.section(),
                head.variant(),
                head.owner(),
                head.footerOwner(),
                header,
                head.footer(),
                head.pages(),
                head.printed(),
                head.total());
    }

    private static boolean asksBareTitlePage(Examination exam) {
        Ask ask = exam.ask("running-head.first-page");
        return ask.isAsked()
                && exam.parts().hasTitlePage()
                && ask.get(RunningHeadDemands.FIRST_PAGE) == FirstPage.NONE_ON_TITLE_PAGE;
    }

    private Head mostUsed() {
        Head most = null;
        for (Head head : heads) {
            boolean usual = head.variant() == Variant.DEFAULT && !isOfBareTitlePage(head);
            if (usual && (most == null || head.pages().size() > most.pages().size())) {
                most = head;
            }
        }
        // Where every page has a first or even variant, the usual one is declared all the same.
        int last = heads.get(heads.size() - 1).section().index();
        return most == null ? head(exam, new Key(last, Variant.DEFAULT), List.of(1)) : most;
    }

    // ---- which of them

    /** All that stand on pages, in order. */
    public List<Head> all() {
        return heads;
    }

    /** The one most pages have: what the others are compared with. */
    public Head reference() {
        return reference;
    }

    /** Whether a head stands on a title page alone, and the guide would have that page bare. */
    public boolean isOfBareTitlePage(Head head) {
        return bareTitlePage && head.pages().equals(List.of(1));
    }

    /**
     * Those a rule about content judges: not a first page's, which differs or not as a matter of its own, and not those
     * of a section that differs as a whole.
     */
    public List<Head> judged() {
        return heads.stream()
                .filter(head -> !head.isFirst() && !isOfBareTitlePage(head))
                .filter(head -> head.variant() == Variant.EVEN || !differs(head))
                .toList();
    }

    /** The usual headers of sections that differ from the reference. */
    public List<Head> differing() {
        return heads.stream()
                .filter(head -> head.variant() == Variant.DEFAULT && !isOfBareTitlePage(head) && differs(head))
                .toList();
    }

    private boolean differs(Head head) {
        return !head.header().saysTheSameAs(reference.header());
    }

    /** The usual header of a section, whether it stands on a page or not. */
    public HeadContent usual(Section section) {
        return HeadContent.of(
                section.headers().get(Variant.DEFAULT),
                HeadWords.known(exam),
                exam.proof().pages().size());
    }

    /** Some of them as what a rule looks at. */
    public Subjects<Head> subjects(List<Head> some) {
        return new Subjects<>(exam, some, Head::place, Head::identity);
    }

    private record Key(int section, Variant variant) {}
}
