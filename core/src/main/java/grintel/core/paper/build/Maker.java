package grintel.core.paper.build;

import grintel.core.paper.Block;
import grintel.core.paper.Inline;
import grintel.core.paper.Note;
import grintel.core.paper.PaperResolver;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphSource;
import grintel.core.paper.Revision;
import grintel.core.paper.Run;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.Table;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TableLayers;
import grintel.core.paper.TableResolver;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Makes what was gathered into paragraphs and tables, in the order of the text. */
final class Maker {
    private final PaperResolver resolver;
    private final Map<Story, BlockList> called = new LinkedHashMap<>();
    private int footnotes;
    private int endnotes;

    Maker(PaperResolver resolver) {
        this.resolver = resolver;
    }

    StoryMaker story(Story story) {
        return new StoryMaker(story);
    }

    /** The notes that the text made so far calls. */
    List<Note> notes() {
        List<Note> out = new ArrayList<>();
        for (Story.Kind kind : List.of(Story.Kind.FOOTNOTE, Story.Kind.ENDNOTE)) {
            for (Map.Entry<Story, BlockList> note : List.copyOf(called.entrySet())) {
                if (note.getKey().kind() == kind) {
                    out.add(new Note(
                            note.getKey(),
                            resolver.signOf(note.getKey()),
                            story(note.getKey()).blocks(note.getValue())));
                }
            }
        }
        return out;
    }

    /** Makes the blocks of one story, counting its paragraphs and tables. */
    final class StoryMaker {
        private final Story story;
        private int paragraphs;
        private int tables;

        private StoryMaker(Story story) {
            this.story = story;
        }

        List<Block> blocks(BlockList list) {
            return blocks(list, false, TableLayers.NONE);
        }

        private List<Block> blocks(BlockList list, boolean inTable, TableLayers layers) {
            List<Block> out = new ArrayList<>();
            for (BlockList.BlockDraft draft : list.drafts) {
                out.add(
                        draft instanceof ParagraphBuilder paragraph
                                ? paragraph(paragraph, inTable, layers)
                                : table((TableBuilder) draft));
            }
            return out;
        }

        private Table table(TableBuilder draft) {
            TableAddress address = new TableAddress(story, tables++);
            TableResolver looks = resolver.table(draft.style, draft.direct, draft.rows.size());
            List<Table.Row> rows = new ArrayList<>();
            for (TableBuilder.RowDraft row : draft.rows) {
                List<Table.Cell> cells = new ArrayList<>();
                for (TableBuilder.CellDraft cell : row.cells()) {
                    TableResolver.CellLook look =
                            looks.cell(rows.size(), cells.size(), row.cells().size(), cell.direct());
                    cells.add(new Table.Cell(cell.direct(), look.format(), blocks(cell.blocks(), true, look.text())));
                }
                rows.add(new Table.Row(row.direct(), looks.row(row.direct()), cells));
            }
            return new Table(address, looks.style(), draft.direct, looks.format(), draft.columns, rows);
        }

        private Paragraph paragraph(ParagraphBuilder draft, boolean inTable, TableLayers layers) {
            ParagraphAddress address = new ParagraphAddress(story, paragraphs++);
            ParagraphSource source =
                    new ParagraphSource(draft.style, draft.direct, draft.mark, draft.endsSection, draft.markRevision);
            Style style = resolver.paragraphStyle(draft.style);
            List<Inline> inlines = new ArrayList<>();
            int number = 0;
            for (ParagraphBuilder.RunDraft run : draft.runs) {
                if (run.piece() instanceof ParagraphBuilder.Piece.End end && end.kind() != Inline.Edge.Kind.COMMENT) {
                    // What only marks a place stands between runs.
                    inlines.add(new Inline.Edge(end.kind(), end.name(), resolver.unnamedRun(source, layers)));
                } else {
                    add(
                            run.piece(),
                            resolver.run(
                                    number++, style, layers, run.style(), run.direct(), run.link(), run.revision()),
                            inlines);
                }
            }
            return resolver.paragraph(address, source, inTable, layers, inlines);
        }

        private void add(ParagraphBuilder.Piece piece, Run run, List<Inline> out) {
            if (piece instanceof ParagraphBuilder.Piece.Characters characters) {
                addCharacters(characters.text(), run, out);
            } else if (piece instanceof ParagraphBuilder.Piece.Positioned tab) {
                out.add(new Inline.Tab(run, tab.position()));
            } else if (piece instanceof ParagraphBuilder.Piece.Value value) {
                out.add(new Inline.Field(value.kind(), value.shown(), run));
            } else if (piece instanceof ParagraphBuilder.Piece.Call call) {
                int id = call.kind() == Story.Kind.FOOTNOTE ? ++footnotes : ++endnotes;
                Story note = new Story(call.kind(), Integer.toString(id));
                called.put(note, call.blocks());
                out.add(new Inline.NoteSign(note, resolver.callNote(note, false), false, run));
            } else if (piece instanceof ParagraphBuilder.Piece.OwnSign) {
                out.add(new Inline.NoteSign(story, resolver.signOf(story), true, run));
            } else if (piece instanceof ParagraphBuilder.Piece.Image image) {
                out.add(new Inline.Picture(
                        Inline.Picture.Kind.IMAGE,
                        image.width(),
                        image.height(),
                        image.anchor(),
                        image.alternative(),
                        image.target(),
                        image.pixels(),
                        run));
            } else if (piece instanceof ParagraphBuilder.Piece.Box box) {
                List<Block> inside = story(resolver.nextBox(story)).blocks(box.blocks());
                out.add(new Inline.TextBox(box.width(), box.height(), box.anchor(), inside, run));
            } else if (piece instanceof ParagraphBuilder.Piece.End end) {
                out.add(new Inline.Edge(end.kind(), end.name(), run));
            }
        }

        private static void addCharacters(String text, Run run, List<Inline> out) {
            if (run.revision() == Revision.DELETED) {
                out.add(new Inline.Deleted(text, run));
                return;
            }
            int from = 0;
            for (int i = 0; i <= text.length(); i++) {
                char c = i == text.length() ? '\t' : text.charAt(i);
                if (c != '\t' && c != '\n' && c != '\f') {
                    continue;
                }
                if (i > from) {
                    out.add(new Inline.Text(text.substring(from, i), run));
                }
                if (i < text.length()) {
                    out.add(
                            c == '\t'
                                    ? new Inline.Tab(run, null)
                                    : new Inline.Break(
                                            c == '\n' ? Inline.Break.Kind.LINE : Inline.Break.Kind.PAGE, run));
                }
                from = i + 1;
            }
        }
    }
}
