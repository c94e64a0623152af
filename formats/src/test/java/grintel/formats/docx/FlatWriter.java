package grintel.formats.docx;

import grintel.core.paper.Block;
import grintel.core.paper.Border;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TabStops;
import grintel.core.paper.Table;
import java.nio.charset.StandardCharsets;
import java.util.Map;

/**
 * Writes a paper of one section, without notes, as some programs do: no style at all, everything said by each paragraph,
 * cell and run itself, no grid of a table's columns, indents in the names of the reading direction, in UTF-16.
 */
final class FlatWriter {
    private final StringBuilder out = new StringBuilder();

    private final RawDocx docx;
    private final Map<String, byte[]> images;

    private FlatWriter(RawDocx docx, Map<String, byte[]> images) {
        this.docx = docx;
        this.images = images;
    }

    static byte[] write(Paper paper, Map<String, byte[]> images) {
        Section section = paper.sections().get(0);
        RawDocx docx = RawDocx.transitional();
        FlatWriter body = new FlatWriter(docx, images);
        section.blocks().forEach(body::block);
        StringBuilder references = new StringBuilder();
        for (Marginals.Variant variant : section.headers().stories().keySet()) {
            FlatWriter header = new FlatWriter(docx, images);
            section.headers().get(variant).paragraphs().forEach(header::paragraph);
            String name = "header-" + variant;
            docx.part("word/" + name + ".xml", "<w:hdr xmlns:w=\"" + Ns.W + "\">" + header.out + "</w:hdr>");
            String id = docx.relate("header", name + ".xml");
            String type = variant == Marginals.Variant.FIRST ? "first" : "default";
            references
                    .append("<w:headerReference w:type=\"")
                    .append(type)
                    .append("\" r:id=\"")
                    .append(id)
                    .append("\"/>");
        }
        body.out.append("<w:sectPr>").append(references).append(size(section)).append(margins(section));
        if (section.get(SectionProperties.PAGE_NUMBER_START) >= 0) {
            body.out
                    .append("<w:pgNumType w:start=\"")
                    .append(section.get(SectionProperties.PAGE_NUMBER_START))
                    .append("\"/>");
        }
        body.out.append(section.get(SectionProperties.FIRST_PAGE_DIFFERS) ? "<w:titlePg/>" : "");
        body.out.append("</w:sectPr>");
        return docx.body(body.out.toString()).encoding(StandardCharsets.UTF_16).build();
    }

    private static String size(Section section) {
        return "<w:pgSz w:w=\"" + section.get(SectionProperties.PAGE_WIDTH) + "\" w:h=\""
                + section.get(SectionProperties.PAGE_HEIGHT) + "\"/>";
    }

    private static String margins(Section section) {
        return "<w:pgMar w:top=\"" + section.get(SectionProperties.MARGIN_TOP) + "\" w:right=\""
                + section.get(SectionProperties.MARGIN_RIGHT) + "\" w:bottom=\""
                + section.get(SectionProperties.MARGIN_BOTTOM) + "\" w:left=\""
                + section.get(SectionProperties.MARGIN_LEFT) + "\" w:header=\""
                + section.get(SectionProperties.HEADER_DISTANCE) + "\" w:footer=\"720\" w:gutter=\""
                + section.get(SectionProperties.GUTTER) + "\"/>";
    }

    private void block(Block block) {
        if (block instanceof Paragraph paragraph) {
            paragraph(paragraph);
            return;
        }
        out.append("<w:tbl><w:tblPr>");
        if (((Table) block).fixed()) {
            out.append("<w:tblLayout w:type=\"fixed\"/>");
        }
        out.append("</w:tblPr>");
        for (Table.Row row : ((Table) block).rows()) {
            out.append("<w:tr>");
            row.cells().forEach(this::cell);
            out.append("</w:tr>");
        }
        out.append("</w:tbl>");
    }

    private void cell(Table.Cell cell) {
        Border.Frame frame = cell.borders();
        out.append("<w:tc><w:tcPr><w:tcW w:type=\"dxa\" w:w=\"")
                .append(cell.width().of(0))
                .append("\"/><w:tcBorders>");
        line("top", frame.top());
        line("start", frame.left());
        line("bottom", frame.bottom());
        line("end", frame.right());
        out.append("</w:tcBorders></w:tcPr>");
        cell.blocks().forEach(this::block);
        out.append("</w:tc>");
    }

    private void line(String side, Border border) {
        if (border.isVisible()) {
            out.append("<w:")
                    .append(side)
                    .append(" w:val=\"single\" w:sz=\"")
                    .append(border.weight())
                    .append("\"/>");
        }
    }

    private void picture(Inline.Picture picture) {
        String part = picture.target();
        docx.part(part, images.get(part));
        String id = docx.relate("image", part.substring("word/".length()));
        out.append("<w:drawing><wp:inline xmlns:wp=\"")
                .append(Ns.WP)
                .append("\"><wp:extent cx=\"")
                .append(picture.width())
                .append("\" cy=\"")
                .append(picture.height())
                .append("\"/><wp:docPr id=\"1\" name=\"\" descr=\"")
                .append(picture.alternative())
                .append("\"/><a:graphic xmlns:a=\"")
                .append(Ns.A)
                .append(
                        "\"><a:graphicData><pic:pic xmlns:pic=\"http://schemas.openxmlformats.org/drawingml/2006/picture\">")
                .append("<pic:blipFill><a:blip r:embed=\"")
                .append(id)
                .append("\"/></pic:blipFill></pic:pic></a:graphicData></a:graphic></wp:inline></w:drawing>");
    }

    private void paragraph(Paragraph paragraph) {
        Formatting format = paragraph.format();
        out.append("<w:p><w:pPr>");
        flag(format.get(ParagraphProperties.KEEP_WITH_NEXT), "keepNext");
        flag(format.get(ParagraphProperties.PAGE_BREAK_BEFORE), "pageBreakBefore");
        out.append("<w:widowControl w:val=\"")
                .append(format.get(ParagraphProperties.WIDOW_CONTROL) ? 1 : 0)
                .append("\"/>");
        tabs(format.get(ParagraphProperties.TAB_STOPS));
        LineSpacing spacing = format.get(ParagraphProperties.LINE_SPACING);
        out.append("<w:spacing w:before=\"")
                .append(format.get(ParagraphProperties.SPACE_BEFORE))
                .append("\" w:after=\"")
                .append(format.get(ParagraphProperties.SPACE_AFTER))
                .append("\" w:line=\"")
                .append(spacing.value())
                .append("\" w:lineRule=\"auto\"/>");
        int first = format.get(ParagraphProperties.INDENT_FIRST_LINE);
        out.append("<w:ind w:start=\"")
                .append(format.get(ParagraphProperties.INDENT_LEFT))
                .append(first < 0 ? "\" w:hanging=\"" : "\" w:firstLine=\"")
                .append(Math.abs(first))
                .append("\"/>");
        out.append("<w:jc w:val=\"")
                .append(
                        switch (format.get(ParagraphProperties.ALIGNMENT)) {
                            case LEFT -> "start";
                            case CENTRE -> "center";
                            case RIGHT -> "end";
                            case JUSTIFIED -> "both";
                        })
                .append("\"/>");
        int outline = format.get(ParagraphProperties.OUTLINE_LEVEL);
        if (outline < 9) {
            out.append("<w:outlineLvl w:val=\"").append(outline).append("\"/>");
        }
        type(paragraph.mark());
        out.append("</w:pPr>");
        paragraph.inlines().forEach(this::inline);
        out.append("</w:p>");
    }

    private void flag(boolean is, String name) {
        out.append(is ? "<w:" + name + "/>" : "");
    }

    private void tabs(TabStops tabs) {
        if (!tabs.stops().isEmpty()) {
            out.append("<w:tabs>");
            for (TabStops.Stop stop : tabs.stops()) {
                out.append("<w:tab w:val=\"right\" w:pos=\"")
                        .append(stop.position())
                        .append("\"/>");
            }
            out.append("</w:tabs>");
        }
    }

    private void type(Formatting format) {
        out.append("<w:rPr><w:rFonts w:ascii=\"")
                .append(format.get(CharacterProperties.FACE))
                .append("\" w:hAnsi=\"")
                .append(format.get(CharacterProperties.FACE_HIGH_ANSI))
                .append("\"/>");
        flag(format.get(CharacterProperties.BOLD), "b");
        flag(format.get(CharacterProperties.ITALIC), "i");
        flag(format.get(CharacterProperties.HIDDEN), "vanish");
        if (!format.get(CharacterProperties.COLOUR).isAuto()) {
            out.append("<w:color w:val=\"")
                    .append(format.get(CharacterProperties.COLOUR).hex())
                    .append("\"/>");
        }
        out.append("<w:sz w:val=\"")
                .append(format.get(CharacterProperties.SIZE))
                .append("\"/>");
        if (!format.get(CharacterProperties.HIGHLIGHT).equals("none")) {
            out.append("<w:highlight w:val=\"")
                    .append(format.get(CharacterProperties.HIGHLIGHT))
                    .append("\"/>");
        }
        out.append("<w:u w:val=\"")
                .append(format.get(CharacterProperties.UNDERLINE))
                .append("\"/></w:rPr>");
    }

    private void inline(Inline inline) {
        if (inline instanceof Inline.Field) {
            out.append("<w:fldSimple w:instr=\" PAGE \"><w:r>");
            type(inline.format());
            out.append("<w:t>1</w:t></w:r></w:fldSimple>");
            return;
        }
        out.append("<w:r>");
        type(inline.format());
        if (inline instanceof Inline.Text text) {
            out.append("<w:t xml:space=\"preserve\">")
                    .append(text.text().replace("&", "&amp;").replace("<", "&lt;"))
                    .append("</w:t>");
        } else if (inline instanceof Inline.Tab) {
            out.append("<w:tab/>");
        } else if (inline instanceof Inline.Break at) {
            out.append(at.kind() == Inline.Break.Kind.PAGE ? "<w:br w:type=\"page\"/>" : "<w:br/>");
        } else if (inline instanceof Inline.Picture picture) {
            picture(picture);
        } else {
            throw new IllegalArgumentException("Not for this writer: " + inline);
        }
        out.append("</w:r>");
    }
}
