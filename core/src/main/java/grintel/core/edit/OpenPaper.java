package grintel.core.edit;

import grintel.core.paper.Block;
import grintel.core.paper.EmbeddedText;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphSource;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.Run;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.paper.Table;
import grintel.core.paper.TableAddress;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A paper taken apart, so that edits can be made to its pieces; addresses are those it had before. */
final class OpenPaper {
    final List<OpenSection> sections = new ArrayList<>();
    final Map<Story, List<OpenBlock>> marginals = new LinkedHashMap<>();
    final Map<Story, List<OpenBlock>> notes = new LinkedHashMap<>();
    private final Map<ParagraphAddress, OpenParagraph> paragraphs = new HashMap<>();
    private final Map<OpenParagraph, List<OpenBlock>> containers = new IdentityHashMap<>();
    private final Map<TableAddress, OpenBlock.OpenTable> tables = new HashMap<>();

    OpenPaper(Paper paper) {
        for (Section section : paper.sections()) {
            OpenSection opened = new OpenSection(section.direct(), open(section.blocks()));
            takeMarginals(section.headers(), opened.headers);
            takeMarginals(section.footers(), opened.footers);
            sections.add(opened);
        }
        for (Note note : paper.notes()) {
            notes.put(note.story(), open(note.blocks()));
        }
    }

    private void takeMarginals(Marginals from, Map<Marginals.Variant, Story> to) {
        from.stories().forEach((variant, marginal) -> {
            if (!marginals.containsKey(marginal.story())) {
                marginals.put(marginal.story(), open(marginal.blocks()));
            }
            if (!marginal.inherited()) {
                to.put(variant, marginal.story());
            }
        });
    }

    /** Takes blocks apart. */
    List<OpenBlock> open(List<Block> blocks) {
        List<OpenBlock> out = new ArrayList<>();
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                OpenParagraph opened = OpenParagraph.of(paragraph);
                paragraphs.put(paragraph.address(), opened);
                containers.put(opened, out);
                out.add(opened);
            } else if (block instanceof Table table) {
                out.add(open(table));
            } else if (block instanceof EmbeddedText text) {
                out.add(new OpenBlock.Untouched(text));
            }
        }
        return out;
    }

    private OpenBlock.OpenTable open(Table table) {
        OpenBlock.OpenTable opened = new OpenBlock.OpenTable(
                table.style() == null ? null : table.style().id(), table.direct(), table.columns());
        tables.put(table.address(), opened);
        for (Table.Row row : table.rows()) {
            OpenBlock.OpenRow openedRow = new OpenBlock.OpenRow(row.direct());
            for (Table.Cell cell : row.cells()) {
                openedRow.cells.add(new OpenBlock.OpenCell(cell.direct(), open(cell.blocks())));
            }
            opened.rows.add(openedRow);
        }
        return opened;
    }

    // ---- finding things

    OpenParagraph paragraph(ParagraphAddress address) {
        OpenParagraph found = paragraphs.get(address);
        if (found == null) {
            throw new EditRefusedException("The paper has no paragraph " + address + ".");
        }
        return found;
    }

    OpenBlock.OpenTable table(TableAddress address) {
        OpenBlock.OpenTable found = tables.get(address);
        if (found == null) {
            throw new EditRefusedException("The paper has no table " + address + ".");
        }
        return found;
    }

    /** The blocks a paragraph stands among. */
    List<OpenBlock> container(OpenParagraph paragraph) {
        List<OpenBlock> found = containers.get(paragraph);
        if (found == null) {
            throw new EditRefusedException("The paragraph is no longer in the paper.");
        }
        return found;
    }

    /** The neighbour of a paragraph in its container, where that is a paragraph too; else null. */
    @Nullable
    OpenParagraph neighbour(OpenParagraph paragraph, int step) {
        List<OpenBlock> among = container(paragraph);
        int at = indexOf(among, paragraph) + step;
        return at >= 0 && at < among.size() && among.get(at) instanceof OpenParagraph found ? found : null;
    }

    void insert(OpenParagraph fresh, OpenParagraph beside, boolean before) {
        if (!before && beside.endsSection) {
            throw new EditRefusedException("Nothing can come after the last paragraph of a section.");
        }
        List<OpenBlock> among = container(beside);
        among.add(indexOf(among, beside) + (before ? 0 : 1), fresh);
        containers.put(fresh, among);
    }

    /** Puts blocks beside a paragraph, in their order. */
    void insert(List<OpenBlock> fresh, OpenParagraph beside, boolean before) {
        if (!before && beside.endsSection) {
            throw new EditRefusedException("Nothing can come after the last paragraph of a section.");
        }
        List<OpenBlock> among = container(beside);
        among.addAll(indexOf(among, beside) + (before ? 0 : 1), fresh);
        fresh.stream().flatMap(block -> paragraphs(block).stream()).forEach(each -> containers.put(each, among));
    }

    void remove(OpenParagraph paragraph) {
        List<OpenBlock> among = container(paragraph);
        among.remove(indexOf(among, paragraph));
        containers.remove(paragraph);
    }

    // ---- sections

    /** Makes a section of its own of some blocks of one. */
    void setApart(Edit.SetApart edit) {
        int index = sectionOf(paragraph(edit.first()));
        OpenSection section = sections.get(index);
        int from = blockOf(section, paragraph(edit.first()));
        int to = blockOf(section, paragraph(edit.last()));
        if (to < from) {
            throw new EditRefusedException("What is set apart stands in one section.");
        }
        PropertySet further = section.direct;
        for (Property<?> property : Edit.SetApart.OF_THE_FIRST) {
            further = further.with(property, null);
        }
        List<OpenSection> pieces = new ArrayList<>();
        for (int[] range : new int[][] {{0, from}, {from, to + 1}, {to + 1, section.blocks.size()}}) {
            if (range[0] == range[1]) {
                continue;
            }
            PropertySet direct = pieces.isEmpty() ? section.direct : further;
            OpenSection piece = new OpenSection(
                    range[0] == from ? edit.sheet().over(direct) : direct,
                    new ArrayList<>(section.blocks.subList(range[0], range[1])));
            pieces.add(piece);
            for (OpenBlock block : piece.blocks) {
                if (block instanceof OpenParagraph paragraph) {
                    containers.put(paragraph, piece.blocks);
                }
            }
        }
        OpenSection first = pieces.get(0);
        first.headers.putAll(section.headers);
        first.footers.putAll(section.footers);
        pieces.subList(0, pieces.size() - 1).forEach(this::end);
        sections.remove(index);
        sections.addAll(index, pieces);
    }

    /** Lets the last paragraph of a section hold its end. */
    private void end(OpenSection section) {
        List<OpenBlock> blocks = section.blocks;
        if (!(blocks.get(blocks.size() - 1) instanceof OpenParagraph)) {
            OpenParagraph holder = new OpenParagraph(ParagraphSource.of(null, Edit.SetApart.HOLDER), List.of());
            blocks.add(holder);
            containers.put(holder, blocks);
        }
        ((OpenParagraph) blocks.get(blocks.size() - 1)).endsSection = true;
    }

    private int sectionOf(OpenParagraph paragraph) {
        for (int i = 0; i < sections.size(); i++) {
            if (blockOf(sections.get(i), paragraph) >= 0) {
                return i;
            }
        }
        throw new EditRefusedException("The paragraph is no longer in the paper.");
    }

    /** The block of a section in which a paragraph stands, or that it is; -1 where none is. */
    private static int blockOf(OpenSection section, OpenParagraph paragraph) {
        for (int i = 0; i < section.blocks.size(); i++) {
            if (holds(section.blocks.get(i), paragraph)) {
                return i;
            }
        }
        return -1;
    }

    @SuppressWarnings("ReferenceEquality") // open blocks are things, not values
    private static boolean holds(OpenBlock block, OpenParagraph paragraph) {
        return paragraphs(block).stream().anyMatch(each -> each == paragraph);
    }

    /** Lets a note be called under another name, as when it changes its kind. */
    void callAs(Story was, Story is) {
        for (OpenParagraph paragraph : paragraphs.values()) {
            List<Inline> inlines = paragraph.inlines();
            for (int i = 0; i < inlines.size(); i++) {
                if (inlines.get(i) instanceof Inline.NoteSign sign
                        && !sign.inNote()
                        && sign.note().equals(was)) {
                    inlines.set(i, new Inline.NoteSign(is, sign.sign(), false, sign.run()));
                }
            }
        }
    }

    /** Takes the marks of comments out of the text. */
    void removeMarks(Set<String> comments) {
        if (comments.isEmpty()) {
            return;
        }
        for (OpenParagraph paragraph : paragraphs.values()) {
            paragraph
                    .inlines()
                    .removeIf(inline -> inline instanceof Inline.Edge edge
                            && edge.kind().isOfComment()
                            && comments.contains(edge.name()));
        }
    }

    /** Whether a block of a header holds a picture and no words. */
    static boolean holdsOnlyPictures(OpenBlock block) {
        boolean picture = false;
        for (OpenParagraph paragraph : paragraphs(block)) {
            for (Inline inline : paragraph.inlines()) {
                if (inline instanceof Inline.Picture) {
                    picture = true;
                } else if (inline instanceof Inline.Text text && !text.text().isBlank()
                        || inline instanceof Inline.Field
                        || inline instanceof Inline.TextBox) {
                    return false;
                }
            }
        }
        return picture;
    }

    private static List<OpenParagraph> paragraphs(OpenBlock block) {
        if (block instanceof OpenParagraph paragraph) {
            return List.of(paragraph);
        }
        if (block instanceof OpenBlock.Untouched) {
            return List.of();
        }
        return ((OpenBlock.OpenTable) block)
                .rows.stream()
                        .flatMap(row -> row.cells.stream())
                        .flatMap(cell -> cell.blocks.stream())
                        .flatMap(inner -> paragraphs(inner).stream())
                        .toList();
    }

    @SuppressWarnings("ReferenceEquality") // open blocks are things, not values
    static int indexOf(List<OpenBlock> among, OpenBlock block) {
        for (int i = 0; i < among.size(); i++) {
            if (among.get(i) == block) {
                return i;
            }
        }
        throw new IllegalStateException("A block has left its container");
    }

    /** A run that says no more than this. */
    static Run plainRun(PropertySet direct) {
        return new Run(0, null, direct, Formatting.ofSection(PropertySet.empty()), "", Revision.NONE);
    }

    /** A section while its paper is edited; its headers and footers are those it declares itself. */
    static final class OpenSection {
        final List<OpenBlock> blocks;
        final Map<Marginals.Variant, Story> headers = new EnumMap<>(Marginals.Variant.class);
        final Map<Marginals.Variant, Story> footers = new EnumMap<>(Marginals.Variant.class);
        PropertySet direct;

        OpenSection(PropertySet direct, List<OpenBlock> blocks) {
            this.direct = direct;
            this.blocks = blocks;
        }

        Map<Marginals.Variant, Story> marginals(Story.Kind kind) {
            return kind == Story.Kind.FOOTER ? footers : headers;
        }
    }
}
