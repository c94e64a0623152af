package grintel.formats.docx;

import grintel.core.edit.NewImage;
import grintel.core.paper.Block;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.EmbeddedText;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Revision;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Run;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TabPosition;
import grintel.core.paper.Table;
import grintel.core.paper.TableProperties;
import grintel.formats.xml.Escapes;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Writes one part of a new file: its blocks, and what it refers to. */
final class PartWriter {
    static final String KINDS = "http://schemas.openxmlformats.org/officeDocument/2006/relationships/";

    private static final String DECLARATION = "<?xml version=\"1.0\" encoding=\"UTF-8\" standalone=\"yes\"?>\n";

    private final XmlDocument document;
    private final PropertyWriter properties;
    private final DocxWriter.MarkIds ids;
    private final StringBuilder relationships = new StringBuilder();
    private final Map<String, String> known = new LinkedHashMap<>();
    private final Set<String> images = new LinkedHashSet<>();
    /** Names of the images that are there to be shown. */
    private final Set<String> given;

    private int lastId;

    PartWriter(String root, PropertyWriter properties, DocxWriter.MarkIds ids, Set<String> given) {
        this.properties = properties;
        this.ids = ids;
        this.given = given;
        this.document = parse("<w:" + root + " xmlns:w=\"" + Ns.W + "\" xmlns:r=\"" + Ns.R + "\" xmlns:wp=\"" + Ns.WP
                + "\" xmlns:a=\"" + Ns.A + "\" xmlns:pic=\"" + Ns.PIC + "\" xmlns:m=\"" + Ns.M + "\"></w:" + root
                + ">");
    }

    private static XmlDocument parse(String xml) {
        return XmlDocument.parse("new part", (DECLARATION + xml).getBytes(StandardCharsets.UTF_8), Map.of());
    }

    XmlElement root() {
        return document.root();
    }

    byte[] toBytes() {
        return document.toBytes();
    }

    /** Names of the images it shows. */
    Set<String> images() {
        return images;
    }

    /** Its part of relationships; empty where it refers to nothing. */
    byte[] relationships() {
        return relationships.isEmpty()
                ? new byte[0]
                : (DECLARATION + "<Relationships xmlns=\"" + Ns.RELATIONSHIPS + "\">" + relationships
                                + "</Relationships>")
                        .getBytes(StandardCharsets.UTF_8);
    }

    String relate(String kind, String target) {
        return relate(KINDS + kind, target, false);
    }

    private String relate(String type, String target, boolean external) {
        return known.computeIfAbsent(type + " " + target, key -> {
            String id = "rId" + ++lastId;
            relationships.append(relationship(id, type, target, external));
            return id;
        });
    }

    static String relationship(String id, String type, String target, boolean external) {
        return "<Relationship Id=\"" + id + "\" Type=\"" + type + "\" Target=\"" + Escapes.attribute(target) + "\""
                + (external ? " TargetMode=\"External\"" : "") + "/>";
    }

    // ---- blocks

    void blocks(XmlElement container, List<Block> blocks) {
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                container.append(paragraph(container, paragraph));
            } else if (block instanceof Table table) {
                container.append(table(container, table));
            } else if (block instanceof EmbeddedText text) {
                // As text of the paper's own, which is what any program makes of it.
                text.paragraphs().forEach(each -> container.append(paragraph(container, each)));
            }
        }
    }

    private XmlElement table(XmlElement kin, Table table) {
        XmlElement element = XmlElement.like(kin, "tbl");
        XmlElement format = element.append(XmlElement.like(kin, "tblPr"));
        name(format, "tblStyle", table.style());
        properties.writeAll(format, TableProperties.ALL, table.direct());
        XmlElement grid = element.append(XmlElement.like(kin, "tblGrid"));
        for (int width : table.columns()) {
            grid.append(XmlElement.like(kin, "gridCol")).setAttribute("w", Integer.toString(width));
        }
        for (Table.Row row : table.rows()) {
            XmlElement line = element.append(XmlElement.like(kin, "tr"));
            XmlElement rowFormat = XmlElement.like(kin, "trPr");
            properties.writeAll(rowFormat, RowProperties.ALL, row.direct());
            appendFilled(line, rowFormat);
            for (Table.Cell cell : row.cells()) {
                XmlElement box = line.append(XmlElement.like(kin, "tc"));
                XmlElement cellFormat = XmlElement.like(kin, "tcPr");
                properties.writeAll(cellFormat, CellProperties.ALL, cell.direct());
                appendFilled(box, cellFormat);
                blocks(box, cell.blocks());
            }
        }
        return element;
    }

    private static void appendFilled(XmlElement parent, XmlElement child) {
        if (!child.isEmpty()) {
            parent.append(child);
        }
    }

    /** Names a style, but for the standard one. */
    private static void name(XmlElement format, String element, @Nullable Style style) {
        if (style != null && !style.standard()) {
            format.append(XmlElement.like(format, element)).setAttribute("val", style.id());
        }
    }

    private XmlElement paragraph(XmlElement kin, Paragraph paragraph) {
        XmlElement element = XmlElement.like(kin, "p");
        XmlElement format = XmlElement.like(kin, "pPr");
        name(format, "pStyle", paragraph.style());
        properties.writeAll(format, ParagraphProperties.ALL, paragraph.direct());
        XmlElement mark = XmlElement.like(kin, "rPr");
        if (paragraph.markRevision() != Revision.NONE) {
            track(mark.append(XmlElement.like(kin, paragraph.markRevision() == Revision.DELETED ? "del" : "ins")));
        }
        properties.writeAll(mark, CharacterProperties.ALL, paragraph.markDirect());
        appendFilled(format, mark);
        appendFilled(element, format);
        writeInlines(element, paragraph.inlines());
        return element;
    }

    private static void track(XmlElement change) {
        change.setAttribute("id", "0");
        change.setAttribute("author", "");
    }

    // ---- inlines

    private void writeInlines(XmlElement paragraph, List<Inline> inlines) {
        InlineHolder holder = new InlineHolder(paragraph);
        Run before = null;
        XmlElement run = null;
        for (Inline inline : inlines) {
            Run its = inline.run();
            if (its.number() < 0) {
                paragraph.append(between(paragraph, inline));
                holder.leaveLink();
                run = null;
            } else {
                if (run == null || !its.equals(before) || inline instanceof Inline.Field) {
                    run = holder.open(its, inline).append(run(paragraph, its));
                }
                write(run, inline);
                if (inline instanceof Inline.Field) {
                    run = null;
                }
            }
            before = its;
        }
    }

    /** Finds where the next run stands: in a link, a tracked change, a field, or the paragraph itself. */
    private final class InlineHolder {
        private final XmlElement paragraph;
        private @Nullable XmlElement link;
        private String linked = "";

        InlineHolder(XmlElement paragraph) {
            this.paragraph = paragraph;
        }

        void leaveLink() {
            link = null;
            linked = "";
        }

        XmlElement open(Run run, Inline inline) {
            if (!run.link().equals(linked)) {
                link = run.linked() ? paragraph.append(link(paragraph, run.link())) : null;
                linked = run.link();
            }
            XmlElement holder = link == null ? paragraph : link;
            if (run.revision() != Revision.NONE) {
                boolean deleted = run.revision() == Revision.DELETED;
                holder = holder.append(XmlElement.like(paragraph, deleted ? "del" : "ins"));
                track(holder);
            }
            if (inline instanceof Inline.Field field) {
                holder = holder.append(XmlElement.like(paragraph, "fldSimple"));
                holder.setAttribute("instr", RunWriter.instruction(field.kind()));
            }
            return holder;
        }
    }

    private XmlElement run(XmlElement kin, Run run) {
        XmlElement element = XmlElement.like(kin, "r");
        XmlElement format = XmlElement.like(kin, "rPr");
        name(format, "rStyle", run.style());
        properties.writeAll(format, CharacterProperties.ALL, run.direct());
        appendFilled(element, format);
        return element;
    }

    private XmlElement link(XmlElement kin, String target) {
        XmlElement link = XmlElement.like(kin, "hyperlink");
        if (target.startsWith("#")) {
            link.setAttribute("anchor", target.substring(1));
        } else {
            link.setAttribute(Ns.R, "r", "id", relate(KINDS + "hyperlink", target, true));
        }
        return link;
    }

    /** What stands between runs: the ends of bookmarks and comments, and formulas. */
    private XmlElement between(XmlElement kin, Inline inline) {
        if (inline instanceof Inline.Edge edge) {
            XmlElement element = XmlElement.like(
                    kin,
                    switch (edge.kind()) {
                        case BOOKMARK_START -> "bookmarkStart";
                        case BOOKMARK_END -> "bookmarkEnd";
                        case COMMENT_START -> "commentRangeStart";
                        case COMMENT_END, COMMENT -> "commentRangeEnd";
                    });
            boolean bookmark =
                    edge.kind() == Inline.Edge.Kind.BOOKMARK_START || edge.kind() == Inline.Edge.Kind.BOOKMARK_END;
            element.setAttribute("id", bookmark ? Integer.toString(ids.bookmark(edge.name())) : edge.name());
            if (edge.kind() == Inline.Edge.Kind.BOOKMARK_START) {
                element.setAttribute("name", edge.name());
            }
            return element;
        }
        if (inline instanceof Inline.Text text) {
            return parse("<m:oMath xmlns:m=\"" + Ns.M + "\"><m:r><m:t>" + Escapes.text(text.text())
                            + "</m:t></m:r></m:oMath>")
                    .root();
        }
        throw new IllegalArgumentException("Nothing but formulas and marks stands between runs");
    }

    private void write(XmlElement run, Inline inline) {
        if (inline instanceof Inline.Text text) {
            RunWriter.setText(run.append(XmlElement.like(run, "t")), text.text());
        } else if (inline instanceof Inline.Deleted deleted) {
            RunWriter.setText(run.append(XmlElement.like(run, "delText")), deleted.text());
        } else if (inline instanceof Inline.Tab tab) {
            writeTab(run, tab.position());
        } else if (inline instanceof Inline.Break at) {
            XmlElement element = run.append(XmlElement.like(run, "br"));
            if (at.kind() != Inline.Break.Kind.LINE) {
                element.setAttribute("type", at.kind() == Inline.Break.Kind.PAGE ? "page" : "column");
            }
        } else if (inline instanceof Inline.Field field) {
            RunWriter.setText(run.append(XmlElement.like(run, "t")), field.shown());
        } else if (inline instanceof Inline.NoteSign sign) {
            writeSign(run, sign);
        } else if (inline instanceof Inline.Ruby ruby) {
            writeRuby(run, ruby);
        } else if (inline instanceof Inline.Picture picture) {
            writePicture(run, picture);
        } else if (inline instanceof Inline.TextBox box) {
            writeBox(run, box);
        } else if (inline instanceof Inline.Edge edge) {
            run.append(XmlElement.like(run, "commentReference")).setAttribute("id", edge.name());
        }
    }

    private static void writeTab(XmlElement run, @Nullable TabPosition position) {
        if (position == null) {
            run.append(XmlElement.like(run, "tab"));
            return;
        }
        XmlElement tab = run.append(XmlElement.like(run, "ptab"));
        tab.setAttribute(
                "alignment",
                switch (position.kind()) {
                    case CENTRE -> "center";
                    case RIGHT -> "right";
                    case LEFT, DECIMAL, BAR -> "left";
                });
        tab.setAttribute("relativeTo", position.toMargins() ? "margin" : "indent");
        String leader = PropertyWriter.leader(position.leader());
        tab.setAttribute("leader", leader == null ? "none" : leader);
    }

    private static void writeSign(XmlElement run, Inline.NoteSign sign) {
        String kind = sign.note().kind() == Story.Kind.ENDNOTE ? "endnote" : "footnote";
        if (sign.inNote()) {
            run.append(XmlElement.like(run, kind + "Ref"));
            return;
        }
        XmlElement reference = run.append(XmlElement.like(run, kind + "Reference"));
        if (sign.sign().isEmpty()) {
            reference.setAttribute("customMarkFollows", "1");
        }
        reference.setAttribute("id", sign.note().id());
    }

    private static void writeRuby(XmlElement run, Inline.Ruby ruby) {
        XmlElement element = run.append(XmlElement.like(run, "ruby"));
        Map<String, String> texts = new LinkedHashMap<>();
        texts.put("rt", ruby.gloss());
        texts.put("rubyBase", ruby.text());
        texts.forEach((name, text) -> RunWriter.setText(
                element.append(XmlElement.like(run, name))
                        .append(XmlElement.like(run, "r"))
                        .append(XmlElement.like(run, "t")),
                text));
    }

    // ---- drawings

    private void writePicture(XmlElement run, Inline.Picture picture) {
        if (picture.kind() != Inline.Picture.Kind.IMAGE || picture.target().isEmpty()) {
            throw new IllegalArgumentException("Only images can be written");
        }
        images.add(picture.target());
        String lines = NewImage.linesBeside(picture.target());
        String drawn = null;
        if (lines != null && given.contains(lines)) {
            images.add(lines);
            drawn = relate("image", seenFromText(lines));
        }
        int number = ids.nextDrawing();
        String id = relate("image", seenFromText(picture.target()));
        run.append(DrawingMarkup.TRANSITIONAL.drawing(
                picture.anchor(),
                picture.width(),
                picture.height(),
                DrawingMarkup.description(number, "Picture", picture.alternative()),
                DrawingMarkup.TRANSITIONAL.image(number, id, drawn, picture.width(), picture.height())));
    }

    private static String seenFromText(String part) {
        return part.startsWith("word/") ? part.substring("word/".length()) : "/" + part;
    }

    private void writeBox(XmlElement run, Inline.TextBox box) {
        int number = ids.nextDrawing();
        XmlElement drawing = run.append(DrawingMarkup.TRANSITIONAL.drawing(
                box.anchor(),
                box.width(),
                box.height(),
                DrawingMarkup.description(number, "Box", null),
                DrawingMarkup.box(box.width(), box.height())));
        XmlElement content = Search.first(drawing, Ns.W, "txbxContent");
        if (content != null) {
            blocks(content, box.blocks());
        }
    }
}
