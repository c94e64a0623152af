package grintel.formats.pdf;

import grintel.formats.docx.RawDocx;

/** A paper with one of everything that a tagged PDF must tell apart. */
final class TaggedPaper {
    private TaggedPaper() {}

    static byte[] write() {
        return RawDocx.transitional()
                .styles(
                        "<w:docDefaults><w:rPrDefault><w:rPr><w:lang w:val=\"en-GB\"/></w:rPr></w:rPrDefault>"
                                + "</w:docDefaults><w:style w:type=\"paragraph\" w:styleId=\"H1\"><w:name w:val=\"heading 1\"/>"
                                + "</w:style><w:style w:type=\"paragraph\" w:styleId=\"H3\"><w:name w:val=\"heading 3\"/></w:style>")
                .numbering("<w:abstractNum w:abstractNumId=\"1\"><w:lvl w:ilvl=\"0\"><w:numFmt w:val=\"decimal\"/>"
                        + "<w:lvlText w:val=\"%1.\"/></w:lvl><w:lvl w:ilvl=\"1\"><w:numFmt w:val=\"lowerLetter\"/>"
                        + "<w:lvlText w:val=\"%2)\"/></w:lvl></w:abstractNum>"
                        + "<w:num w:numId=\"1\"><w:abstractNumId w:val=\"1\"/></w:num>")
                .footnotes(
                        "<w:footnote w:id=\"2\"><w:p><w:r><w:footnoteRef/></w:r><w:r><w:t> The note itself.</w:t></w:r>"
                                + "</w:p></w:footnote>")
                .body(styled("H1", "The tolls")
                        + styled("H3", "A level left out")
                        + paragraph("", "A keeper called the bell.<note/> It rang.")
                        + item(0, "the first")
                        + item(1, "the inner")
                        + item(0, "the second")
                        + paragraph("", "<caps>raised</caps> and inter\u00ADnational and \uE000")
                        + link("https://archive.example/bells", "the archive")
                        + link("javascript:alert(1)", "not a way out")
                        + inside("tolls-ahead", "as the end says")
                        + inside("nowhere", "a bookmark that is gone")
                        + paragraph(
                                "<w:tabs><w:tab w:val=\"right\" w:leader=\"dot\" w:pos=\"9000\"/></w:tabs>",
                                "Entry</w:t></w:r><w:r><w:tab/></w:r><w:r><w:t>12")
                        + table()
                        + paragraph("<w:pageBreakBefore/>", "Here it ends.")
                                .replace("<w:r>", "<w:bookmarkStart w:id=\"1\" w:name=\"tolls-ahead\"/><w:r>"))
                .build();
    }

    private static String table() {
        return "<w:tbl><w:tblPr/><w:tblGrid><w:gridCol w:w=\"3000\"/><w:gridCol w:w=\"3000\"/></w:tblGrid>"
                + row("<w:tblHeader/>", cell("", "Station"), cell("", "Birds"))
                + row("", cell("<w:vMerge w:val=\"restart\"/>", "Arden"), cell("", "12"))
                + row("", cell("<w:vMerge/>", ""), cell("", "14"))
                + row("", cell("<w:gridSpan w:val=\"2\"/>", "Total"))
                + row("<w:gridBefore w:val=\"1\"/>", cell("", "26"))
                + "</w:tbl><w:p/>";
    }

    private static String row(String properties, String... cells) {
        return "<w:tr><w:trPr>" + properties + "</w:trPr>" + String.join("", cells) + "</w:tr>";
    }

    private static String cell(String properties, String text) {
        return "<w:tc><w:tcPr>" + properties + "</w:tcPr>" + paragraph("", text) + "</w:tc>";
    }

    private static String styled(String style, String text) {
        return paragraph("<w:pStyle w:val=\"" + style + "\"/>", text);
    }

    private static String item(int level, String text) {
        return paragraph("<w:numPr><w:ilvl w:val=\"" + level + "\"/><w:numId w:val=\"1\"/></w:numPr>", text);
    }

    private static String link(String target, String text) {
        return "<w:p><w:r><w:fldChar w:fldCharType=\"begin\"/></w:r><w:r><w:instrText>HYPERLINK \"" + target
                + "\"</w:instrText></w:r><w:r><w:fldChar w:fldCharType=\"separate\"/></w:r><w:r><w:t>" + text
                + "</w:t></w:r><w:r><w:fldChar w:fldCharType=\"end\"/></w:r></w:p>";
    }

    private static String inside(String bookmark, String text) {
        return "<w:p><w:hyperlink w:anchor=\"" + bookmark + "\"><w:r><w:t>" + text + "</w:t></w:r></w:hyperlink></w:p>";
    }

    private static String paragraph(String properties, String text) {
        String runs = text.replace("<note/>", "</w:t></w:r><w:r><w:footnoteReference w:id=\"2\"/></w:r><w:r><w:t>")
                .replace("<caps>", "</w:t></w:r><w:r><w:rPr><w:caps/></w:rPr><w:t>")
                .replace("</caps>", "</w:t></w:r><w:r><w:t xml:space=\"preserve\">");
        return "<w:p><w:pPr>" + properties + "</w:pPr><w:r><w:t xml:space=\"preserve\">" + runs + "</w:t></w:r></w:p>";
    }
}
