package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.guide.Brief;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.structure.Parts;
import grintel.core.structure.Role;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** A paper under examination: what it is, how it lies on the pages, which part each paragraph is, what is asked. */
public final class Examination {
    /** Lengths this close are the same, in twips: 0.02 in, since programs round. */
    public static final double TOLERANCE = 28.8;

    private static final int QUOTE_LENGTH = 60;

    private final Paper paper;
    private final Proof proof;
    private final Parts parts;
    private final Brief brief;
    private final Cause cause;
    private final BodyType bodyType;
    private @Nullable RunningHeads heads;

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

    /** Finds edits at the cause. */
    public Cause cause() {
        return cause;
    }

    /** The type of the text, as it is and as it is asked for. */
    public BodyType bodyType() {
        return bodyType;
    }

    /** The headers and footers as they stand on the pages. */
    public RunningHeads heads() {
        if (heads == null) {
            heads = RunningHeads.of(this);
        }
        return heads;
    }

    public Role role(Paragraph paragraph) {
        return parts.role(paragraph.address().index());
    }

    /** The paragraphs of the text in these roles. */
    public List<Paragraph> paragraphs(Set<Role> roles) {
        return paper.paragraphs().stream()
                .filter(each -> roles.contains(role(each)))
                .toList();
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

    /** Where a paragraph starts. */
    public Place place(Paragraph paragraph) {
        return place(paragraph, Math.max(1, proof.pageOf(paragraph.address())), paragraph.text());
    }

    /** Where some words of a paragraph stand; where it starts if they cannot be seen in it. */
    public Place place(Paragraph paragraph, String words) {
        StringBuilder text = new StringBuilder();
        TreeMap<Integer, Integer> pages = new TreeMap<>();
        for (Proof.Placed placed : proof.lines(paragraph.address())) {
            text.append(text.isEmpty() ? "" : " ");
            pages.put(text.length(), placed.page().number());
            text.append(plain(placed.line().text()));
        }
        int at = text.indexOf(plain(words));
        return at < 0 ? place(paragraph) : place(paragraph, pages.floorEntry(at).getValue(), words);
    }

    private Place place(Paragraph paragraph, int page, String words) {
        Story.Kind kind = paragraph.address().story().kind();
        PagePart part = switch (kind) {
            case TEXT -> PagePart.TEXT;
            case HEADER -> PagePart.HEADER;
            case FOOTER -> PagePart.FOOTER;
            case FOOTNOTE, ENDNOTE -> PagePart.NOTE;
            case TEXT_BOX -> PagePart.BOX;
        };
        int index = kind.isNote()
                ? paper.noteParagraphs().indexOf(paragraph)
                : paragraph.address().index();
        return new Place(part, page, index, quote(words));
    }

    public List<Place> places(Collection<Paragraph> paragraphs) {
        return paragraphs.stream().map(this::place).toList();
    }

    /** The first page of each of these sections. */
    public List<Place> placesOfSections(Collection<Section> sections) {
        List<Place> out = new ArrayList<>();
        for (Section section : sections) {
            out.add(Place.ofPage(firstPage(section)));
        }
        return out;
    }

    private int firstPage(Section section) {
        for (ProofPage page : proof.pages()) {
            if (page.section() >= section.index()) {
                return page.number();
            }
        }
        return proof.pages().size();
    }

    /** The first words of a text. */
    public static String quote(String text) {
        String plain = plain(text);
        if (plain.length() <= QUOTE_LENGTH) {
            return plain;
        }
        int space = plain.lastIndexOf(' ', QUOTE_LENGTH);
        return plain.substring(0, space > 20 ? space : QUOTE_LENGTH) + "…";
    }

    /** Without what stands for objects, and with white space made single; a loop, as every line of a paper comes here. */
    private static String plain(String text) {
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean space = c == Paragraph.OBJECT || c == ' ' || c >= '\t' && c <= '\r';
            if (!space) {
                out.append(c);
            } else if (out.isEmpty() || out.charAt(out.length() - 1) != ' ') {
                out.append(' ');
            }
        }
        return out.toString().strip();
    }
}
