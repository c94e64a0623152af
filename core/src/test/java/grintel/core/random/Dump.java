package grintel.core.random;

import grintel.core.paper.Block;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Run;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.Table;
import grintel.core.paper.TableProperties;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * All of a paper as lines of text, one way for papers that are the same: how runs are cut and numbered, and how parts of
 * the file are called, is left out.
 */
public final class Dump {
    private final StringBuilder out = new StringBuilder();
    private final Map<Story, Note> notes = new HashMap<>();

    private Dump(Paper paper) {
        paper.notes().forEach(note -> notes.put(note.story(), note));
    }

    public static String of(Paper paper) {
        Dump dump = new Dump(paper);
        dump.paper(paper);
        return dump.out.toString();
    }

    private void line(String text) {
        out.append(text).append('\n');
    }

    private void paper(Paper paper) {
        line(paper.settings().toString());
        line(paper.properties().toString());
        line(paper.comments().toString());
        line("defaults " + said(ParagraphProperties.ALL, paper.styles().paragraphDefaults())
                + said(CharacterProperties.ALL, paper.styles().characterDefaults()));
        for (Style style : paper.styles().all()) {
            line("style " + style.id() + " " + style.name() + " " + style.kind() + " " + style.basedOn() + " "
                    + style.next() + " " + style.standard() + said(ParagraphProperties.ALL, style.paragraph())
                    + said(CharacterProperties.ALL, style.character()));
            new TreeMap<>(style.table())
                    .forEach((condition, layer) -> line("  " + condition
                            + said(ParagraphProperties.ALL, layer.paragraph())
                            + said(CharacterProperties.ALL, layer.character())
                            + said(TableProperties.ALL, layer.table())
                            + said(RowProperties.ALL, layer.row())
                            + said(CellProperties.ALL, layer.cell())));
        }
        new TreeMap<>(paper.lists().all()).forEach((id, list) -> {
            line("list " + id + " " + list.starts());
            list.levels()
                    .forEach(level -> line("  " + level.format() + " " + level.text() + " " + level.suffix() + " "
                            + level.start() + said(ParagraphProperties.ALL, level.paragraph())
                            + said(CharacterProperties.ALL, level.character())));
        });
        for (Section section : paper.sections()) {
            line("section " + said(SectionProperties.ALL, section.direct()));
            for (Story.Kind kind : List.of(Story.Kind.HEADER, Story.Kind.FOOTER)) {
                for (Marginals.Variant variant : Marginals.Variant.values()) {
                    Marginals.Marginal marginal = section.marginals(kind).get(variant);
                    if (marginal != null) {
                        line(kind + " " + variant + " inherited " + marginal.inherited());
                        blocks(marginal.blocks(), "  ");
                    }
                }
            }
            blocks(section.blocks(), "");
        }
    }

    private void blocks(List<Block> blocks, String indent) {
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                paragraph(paragraph, indent);
            } else if (block instanceof Table table) {
                table(table, indent);
            }
        }
    }

    private void table(Table table, String indent) {
        line(indent + "table " + table.address().index() + " " + table.columns()
                + said(TableProperties.ALL, table.direct()) + resolved(TableProperties.ALL, table.format()));
        for (Table.Row row : table.rows()) {
            line(indent + " row" + said(RowProperties.ALL, row.direct()) + resolved(RowProperties.ALL, row.format()));
            for (Table.Cell cell : row.cells()) {
                line(indent + "  cell" + said(CellProperties.ALL, cell.direct())
                        + resolved(CellProperties.ALL, cell.format()));
                blocks(cell.blocks(), indent + "   ");
            }
        }
    }

    private void paragraph(Paragraph paragraph, String indent) {
        line(indent + "p" + paragraph.address().index() + " " + paragraph.styleId()
                + said(ParagraphProperties.ALL, paragraph.direct())
                + resolved(ParagraphProperties.ALL, paragraph.format())
                + " mark" + said(CharacterProperties.ALL, paragraph.markDirect())
                + resolved(CharacterProperties.ALL, paragraph.mark()) + " label "
                + (paragraph.label() == null ? "" : paragraph.label().text()) + " " + paragraph.endsSection() + " "
                + paragraph.inTable() + " " + paragraph.markRevision());
        StringBuilder text = new StringBuilder();
        String look = "";
        for (Inline inline : paragraph.inlines()) {
            String its = look(inline.run());
            if (inline instanceof Inline.Text characters && its.equals(look)) {
                text.append(characters.text());
                continue;
            }
            flush(text, look, indent);
            look = "";
            if (inline instanceof Inline.Text characters) {
                text.append(characters.text());
                look = its;
            } else {
                object(inline, its, indent);
            }
        }
        flush(text, look, indent);
    }

    private void flush(StringBuilder text, String look, String indent) {
        if (!text.isEmpty()) {
            line(indent + " “" + text + "”" + look);
            text.setLength(0);
        }
    }

    private void object(Inline inline, String look, String indent) {
        if (inline instanceof Inline.NoteSign sign) {
            line(indent + " note " + sign.note().kind() + " " + sign.sign() + " " + sign.inNote() + look);
            Note note = sign.inNote() ? null : notes.get(sign.note());
            if (note != null) {
                blocks(note.blocks(), indent + "    ");
            }
        } else if (inline instanceof Inline.TextBox box) {
            line(indent + " box " + box.width() + " " + box.height() + " " + box.anchor() + look);
            blocks(box.blocks(), indent + "    ");
        } else if (inline instanceof Inline.Picture picture) {
            line(indent + " picture " + picture.width() + " " + picture.height() + " " + picture.anchor() + " "
                    + picture.alternative() + look);
        } else if (inline instanceof Inline.Field field) {
            line(indent + " field " + field.kind() + look);
        } else if (inline instanceof Inline.Break at) {
            line(indent + " break " + at.kind() + look);
        } else if (inline instanceof Inline.Tab tab) {
            line(indent + " tab " + tab.position() + look);
        } else if (inline instanceof Inline.Edge edge) {
            line(indent + " edge " + edge.kind() + " " + edge.name());
        } else if (inline instanceof Inline.Deleted deleted) {
            line(indent + " deleted “" + deleted.text() + "”" + look);
        } else if (inline instanceof Inline.Ruby ruby) {
            line(indent + " ruby " + ruby.text() + " " + ruby.gloss() + look);
        }
    }

    private static String look(Run run) {
        return (run.number() < 0 ? " unnamed" : "") + " "
                + (run.style() == null ? "" : run.style().id())
                + said(CharacterProperties.ALL, run.direct())
                + resolved(CharacterProperties.ALL, run.format()) + " " + run.link() + " " + run.revision();
    }

    private static String said(List<Property<?>> family, PropertySet set) {
        StringBuilder said = new StringBuilder(" {");
        set.said(family)
                .forEach(each -> said.append(each.name())
                        .append('=')
                        .append(set.get(each))
                        .append(' '));
        return said.append('}').toString();
    }

    private static String resolved(List<Property<?>> family, Formatting format) {
        StringBuilder text = new StringBuilder(" [");
        for (Property<?> each : family) {
            if (!format.get(each).equals(each.initial())) {
                text.append(each.name())
                        .append('=')
                        .append(format.get(each))
                        .append('@')
                        .append(format.origin(each))
                        .append(' ');
            }
        }
        return text.append(']').toString();
    }
}
