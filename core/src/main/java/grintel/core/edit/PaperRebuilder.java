package grintel.core.edit;

import grintel.core.paper.Block;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.PaperResolver;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphSource;
import grintel.core.paper.Run;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.Table;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TableLayers;
import grintel.core.paper.TableResolver;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Puts a paper that was taken apart together again: counts, numbers and resolves everything anew. */
final class PaperRebuilder {
    private final OpenPaper open;
    private final PaperResolver resolver;

    PaperRebuilder(OpenPaper open, PaperResolver resolver) {
        this.open = open;
        this.resolver = resolver;
    }

    List<Section> sections() {
        List<Section> out = new ArrayList<>();
        StoryRebuilder text = new StoryRebuilder(Story.TEXT);
        List<List<Block>> texts = new ArrayList<>();
        open.sections.forEach(section -> texts.add(text.blocks(section.blocks, false, TableLayers.NONE)));
        Map<Story, List<Block>> marginals = new HashMap<>();
        open.marginals.forEach((story, blocks) ->
                marginals.put(story, new StoryRebuilder(story).blocks(blocks, false, TableLayers.NONE)));
        Marginals headers = Marginals.NONE;
        Marginals footers = Marginals.NONE;
        for (OpenPaper.OpenSection section : open.sections) {
            headers = marginals(section.headers, headers, marginals);
            footers = marginals(section.footers, footers, marginals);
            out.add(Section.of(out.size(), section.direct, texts.get(out.size()), headers, footers));
        }
        return out;
    }

    private static Marginals marginals(
            Map<Marginals.Variant, Story> own, Marginals before, Map<Story, List<Block>> all) {
        Map<Marginals.Variant, Marginals.Marginal> out = new EnumMap<>(Marginals.Variant.class);
        before.stories()
                .forEach(
                        (variant, each) -> out.put(variant, new Marginals.Marginal(each.story(), each.blocks(), true)));
        own.forEach((variant, story) ->
                out.put(variant, new Marginals.Marginal(story, all.getOrDefault(story, List.of()), false)));
        return new Marginals(out);
    }

    /** The notes the text calls, once its sections are made. */
    List<Note> notes() {
        List<Note> out = new ArrayList<>();
        for (Story.Kind kind : List.of(Story.Kind.FOOTNOTE, Story.Kind.ENDNOTE)) {
            for (Story story : resolver.called(kind)) {
                List<OpenBlock> blocks = open.notes.get(story);
                if (blocks != null) {
                    out.add(new Note(
                            story,
                            resolver.signOf(story),
                            new StoryRebuilder(story).blocks(blocks, false, TableLayers.NONE)));
                }
            }
        }
        return out;
    }

    private final class StoryRebuilder {
        private final Story story;
        private int paragraphs;
        private int tables;

        StoryRebuilder(Story story) {
            this.story = story;
        }

        List<Block> blocks(List<OpenBlock> blocks, boolean inTable, TableLayers layers) {
            List<Block> out = new ArrayList<>();
            for (OpenBlock block : blocks) {
                if (block instanceof OpenParagraph paragraph) {
                    out.add(paragraph(paragraph.source(), paragraph.inlines(), inTable, layers));
                } else if (block instanceof OpenBlock.OpenTable table) {
                    out.add(table(table));
                } else if (block instanceof OpenBlock.Untouched untouched) {
                    out.add(untouched.text());
                }
            }
            return out;
        }

        private Table table(OpenBlock.OpenTable table) {
            TableAddress address = new TableAddress(story, tables++);
            TableResolver looks = resolver.table(table.style, table.direct, table.rows.size());
            List<Table.Row> rows = new ArrayList<>();
            for (OpenBlock.OpenRow row : table.rows) {
                List<Table.Cell> cells = new ArrayList<>();
                for (OpenBlock.OpenCell cell : row.cells) {
                    TableResolver.CellLook look = looks.cell(rows.size(), cells.size(), row.cells.size(), cell.direct);
                    cells.add(new Table.Cell(cell.direct, look.format(), blocks(cell.blocks, true, look.text())));
                }
                rows.add(new Table.Row(row.direct, looks.row(row.direct), cells));
            }
            return new Table(address, looks.style(), table.direct, looks.format(), table.columns, rows);
        }

        private Paragraph paragraph(ParagraphSource source, List<Inline> inlines, boolean inTable, TableLayers layers) {
            ParagraphAddress address = new ParagraphAddress(story, paragraphs++);
            Style style = resolver.paragraphStyle(source.style());
            List<Inline> out = new ArrayList<>();
            Run before = null;
            Run made = null;
            int number = -1;
            for (Inline inline : inlines) {
                Run was = inline.run();
                if (made == null || !was.equals(before)) {
                    number += was.number() >= 0 ? 1 : 0;
                    made = was.number() < 0
                            ? resolver.unnamedRun(source, layers)
                            : resolver.run(
                                    number,
                                    style,
                                    layers,
                                    was.style() == null ? null : was.style().id(),
                                    was.direct(),
                                    was.link(),
                                    was.revision());
                    before = was;
                }
                add(inline, made, out);
            }
            return resolver.paragraph(address, source, inTable, layers, out);
        }

        private void add(Inline inline, Run run, List<Inline> out) {
            if (inline instanceof Inline.NoteSign sign) {
                String shown = sign.inNote()
                        ? resolver.signOf(story)
                        : resolver.callNote(sign.note(), sign.sign().isEmpty());
                out.add(new Inline.NoteSign(sign.inNote() ? story : sign.note(), shown, sign.inNote(), run));
            } else if (inline instanceof Inline.TextBox box) {
                out.add(new Inline.TextBox(box.width(), box.height(), box.anchor(), inBox(box.blocks()), run));
            } else {
                Inline last = out.isEmpty() ? null : out.get(out.size() - 1);
                if (inline instanceof Inline.Text text
                        && last instanceof Inline.Text before
                        && before.run().equals(run)) {
                    out.set(out.size() - 1, new Inline.Text(before.text() + text.text(), run));
                } else {
                    out.add(inline.in(run));
                }
            }
        }

        private List<Block> inBox(List<Block> blocks) {
            return new StoryRebuilder(resolver.nextBox(story)).blocks(open.open(blocks), false, TableLayers.NONE);
        }
    }
}
