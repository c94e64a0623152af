package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.WordLedger;
import grintel.core.guide.Ask;
import grintel.core.guide.Brief;
import grintel.core.paper.Glance;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofPage;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** A paper under examination: what it is, how it lies on the pages, which part each paragraph is, what is asked. */
public final class Examination {
    private final Paper paper;
    private final Proof proof;
    private final Parts parts;
    private final Brief brief;
    private final Cause cause;
    private final BodyType bodyType;
    private volatile @Nullable RunningHeads heads;
    private volatile @Nullable WordLedger ledger;
    private final Map<ParagraphAddress, String> identities = new ConcurrentHashMap<>();
    private final Map<ParagraphAddress, Place> places = new ConcurrentHashMap<>();

    public Examination(Paper paper, Proof proof, Parts parts, Brief brief) {
        this.paper = paper;
        this.proof = proof;
        this.parts = parts;
        this.brief = brief;
        this.cause = new Cause(paper);
        this.bodyType = BodyType.of(paper, parts, brief.guide());
    }

    public Paper paper() {
        return paper;
    }

    public Proof proof() {
        return proof;
    }

    public Parts parts() {
        return parts;
    }

    public Brief brief() {
        return brief;
    }

    /** What the guide asks of a rule, which may be another than the one that asks. */
    public Ask ask(String rule) {
        return brief.guide().ask(rule);
    }

    /** Finds edits at the cause. */
    public Cause cause() {
        return cause;
    }

    /** All words of the paper, to tell what edits would do to them. */
    public WordLedger ledger() {
        WordLedger known = ledger;
        if (known == null) {
            known = WordLedger.of(paper);
            ledger = known;
        }
        return known;
    }

    /** The type of the text, as it is and as it is asked for. */
    public BodyType bodyType() {
        return bodyType;
    }

    /** The headers and footers as they stand on the pages. */
    public RunningHeads heads() {
        RunningHeads known = heads;
        if (known == null) {
            known = RunningHeads.of(this);
            heads = known;
        }
        return known;
    }

    /** The author's surname from the facts, else from the paper's own lines; null where neither tells. */
    public @Nullable String surname() {
        String known = brief.facts().surname();
        return known != null ? known : parts.facts().surname();
    }

    /** What characters a paragraph holds, as far as they can be read. */
    public Glance glance(Paragraph paragraph) {
        return paragraph.address().story().kind() == Story.Kind.TEXT
                ? parts.glance(paragraph.address().index())
                : Glance.of(paragraph.text());
    }

    /** What a paragraph of the text is. */
    public PartKind kind(Paragraph paragraph) {
        return parts.kind(paragraph.address().index());
    }

    /** The paragraph before in the same cell or column, blank or not; null where there is none. */
    public @Nullable Paragraph neighbour(Paragraph paragraph, int step) {
        int at = paragraph.address().index() + step;
        if (at < 0 || at >= paper.paragraphs().size()) {
            return null;
        }
        Paragraph other = paper.paragraphs().get(at);
        return other.inTable() == paragraph.inTable() ? other : null;
    }

    // ---- what rules look at

    /** The sections, each standing on its first page. */
    public Subjects<Section> sections() {
        return new Subjects<>(
                this,
                paper.sections(),
                section -> Place.ofPage(firstPage(section)),
                section -> "section " + (section.index() + 1));
    }

    /** The paragraphs of the text of some kinds. */
    public Subjects<Paragraph> paragraphs(Set<PartKind> kinds) {
        return paragraphs(parts.paragraphs(kinds));
    }

    /** These paragraphs, wherever they stand. */
    public Subjects<Paragraph> paragraphs(List<Paragraph> all) {
        return new Subjects<>(this, all, this::place, this::identity);
    }

    /** These paragraphs, each with all its characters as a line of its own. */
    public Subjects<Stretch> lines(List<Paragraph> all) {
        return stretches(all.stream().map(Stretch::of).toList());
    }

    /** These stretches of paragraphs. */
    public Subjects<Stretch> stretches(List<Stretch> all) {
        return new Subjects<>(this, all, line -> place(line.paragraph()), line -> identity(line.paragraph()));
    }

    /** The paper as a whole. */
    public Subjects<Paper> whole() {
        return new Subjects<>(this, List.of(paper), all -> Place.ofPage(1), all -> "");
    }

    /** What a paragraph is anchored to: its words, which stay while all else about it may change. */
    public String identity(Paragraph paragraph) {
        return identities.computeIfAbsent(
                paragraph.address(), key -> Integer.toHexString(Quotes.hash(paragraph.text())));
    }

    // ---- places

    /** Where a paragraph starts. */
    public Place place(Paragraph paragraph) {
        return places.computeIfAbsent(
                paragraph.address(), key -> place(paragraph, Math.max(1, proof.pageOf(key)), paragraph.text()));
    }

    /** Where some words of a paragraph stand; where it starts if they cannot be seen in it. */
    public Place place(Paragraph paragraph, String words) {
        List<Proof.Placed> lines = proof.lines(paragraph.address());
        int first = lines.isEmpty() ? 0 : lines.get(0).page().number();
        if (first > 0 && first == lines.get(lines.size() - 1).page().number()) {
            return place(paragraph, first, words);
        }
        StringBuilder text = new StringBuilder();
        TreeMap<Integer, Integer> pages = new TreeMap<>();
        for (Proof.Placed placed : lines) {
            text.append(text.isEmpty() ? "" : " ");
            pages.put(text.length(), placed.page().number());
            text.append(Quotes.plain(placed.line().text()));
        }
        // Found in a string several times as fast as in what builds it.
        int at = text.toString().indexOf(Quotes.plain(words));
        return at < 0 ? place(paragraph) : place(paragraph, pages.floorEntry(at).getValue(), words);
    }

    private Place place(Paragraph paragraph, int page, String words) {
        PagePart part = PagePart.of(paragraph.address().story());
        return new Place(part, page, paper.placeIndex(paragraph.address()), Quotes.first(words));
    }

    private int firstPage(Section section) {
        for (ProofPage page : proof.pages()) {
            if (page.section() >= section.index()) {
                return page.number();
            }
        }
        return proof.pages().size();
    }
}
