package grintel.core.rule;

import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofPage;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * The header and footer that some pages of a section show.
 *
 * @param owner the section that declares the header
 * @param footerOwner the section that declares the footer
 * @param pages numbers of the sheets, in order
 * @param printed the number the first of them bears
 * @param total how many pages the paper has
 */
public record Head(
        Section section,
        Marginals.Variant variant,
        int owner,
        int footerOwner,
        HeadContent header,
        HeadContent footer,
        List<Integer> pages,
        String printed,
        int total) {
    public Head {
        pages = List.copyOf(pages);
    }

    public boolean hasNumber() {
        return header.hasNumber() || footer.hasNumber();
    }

    /** Whether it stands on pages with a header of their own kind. */
    public boolean isFirst() {
        return variant == Marginals.Variant.FIRST;
    }

    /** This on its pages after the first of the paper; null where it stands on no other. */
    public @Nullable Head afterFirstPage(Examination exam) {
        List<Integer> later = pages.stream().filter(page -> page > 1).toList();
        return later.isEmpty()
                ? null
                : new Head(
                        section,
                        variant,
                        owner,
                        footerOwner,
                        header,
                        footer,
                        later,
                        exam.proof().pages().get(later.get(0) - 1).printedNumber(),
                        total);
    }

    /** The first page it stands on. */
    public ProofPage page(Examination exam) {
        return exam.proof().pages().get(pages.get(0) - 1);
    }

    /** The header as it reads on its first page. */
    public String reads() {
        return header.reads(printed, total);
    }

    /** What the header says, as a measure. */
    public Measure says() {
        return header.isBlank() ? Measure.word("no-header") : new Measure.Head(reads(), header.words());
    }

    /** Where the header stands, on its first page. */
    public Place place() {
        return place(PagePart.HEADER, header, reads());
    }

    /** Where some words of the header stand. */
    public Place place(String words) {
        return place(PagePart.HEADER, header, words);
    }

    /** Where the footer stands. */
    public Place footerPlace() {
        return place(PagePart.FOOTER, footer, footer.reads(printed, total));
    }

    private Place place(PagePart part, HeadContent content, String words) {
        List<HeadLine> filled = content.filled();
        Paragraph first = filled.isEmpty() ? null : filled.get(0).paragraph();
        int index = first == null ? -1 : first.address().index();
        return new Place(part, pages.get(0), index, Quotes.first(words));
    }

    /** What it is anchored to: the section and the kind of page. */
    String identity() {
        return "section " + (section.index() + 1) + " " + variant.name().toLowerCase(Locale.ROOT);
    }
}
