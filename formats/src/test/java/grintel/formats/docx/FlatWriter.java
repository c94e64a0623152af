package grintel.formats.docx;

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
import java.nio.charset.StandardCharsets;

/**
 * Writes a paper of one section, without notes and tables, as some programs do: no style at all, everything said by each
 * paragraph and run itself, indents in the names of the reading direction, in UTF-16.
 */
final class FlatWriter {
    private final StringBuilder out = new StringBuilder();

    private FlatWriter() {}

    static byte[] write(Paper paper) {
        Section section = paper.sections().get(0);
        FlatWriter body = new FlatWriter();
        paper.paragraphs().forEach(body::paragraph);
        RawDocx docx = RawDocx.transitional();
        StringBuilder references = new StringBuilder();
        for (Marginals.Variant variant : section.headers().stories().keySet()) {
            FlatWriter header = new FlatWriter();
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
        } else {
            throw new IllegalArgumentException("Not for this writer: " + inline);
        }
        out.append("</w:r>");
    }
}
