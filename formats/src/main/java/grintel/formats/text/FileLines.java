package grintel.formats.text;

import grintel.core.appendix.Questionnaire;
import grintel.core.made.UnusableSourceException;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.table.Sheet;
import grintel.core.table.SheetText;
import grintel.formats.UnreadableFileException;
import grintel.formats.docx.DocxFile;
import grintel.formats.sheet.SheetFiles;
import java.util.ArrayList;
import java.util.List;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** The lines of a file, which is known by what it holds: a .docx, a page, a workbook, a text. */
public final class FileLines {
    private FileLines() {}

    /**
     * Reads the lines, those without words left out.
     *
     * @throws UnreadableFileException when the file is damaged, a danger, or of another kind
     * @throws UnusableSourceException when no line is in it
     */
    public static List<String> read(byte[] file) {
        List<String> out = new ArrayList<>();
        if (file.length >= 2 && file[0] == 'P' && file[1] == 'K') {
            lines(file, out);
        } else {
            String text = SheetFiles.text(file);
            if (text.indexOf('\0') >= 0) {
                throw new UnusableSourceException("This is no text. Choose a .docx, .html, .txt, .csv or .xlsx file.");
            }
            if (SheetFiles.isPage(text)) {
                page(text, out);
            } else {
                plain(text, out);
            }
        }
        out.removeIf(String::isBlank);
        if (out.isEmpty()) {
            throw new UnusableSourceException("There are no words in it. Choose another file, or paste the text.");
        }
        return out;
    }

    /** Items with their codes in cells are a line each; any other text is read line by line. */
    private static void plain(String text, List<String> out) {
        List<List<String>> rows = SheetText.rowsOfCells(text);
        rows.forEach(row -> out.add(String.join(" ", row)));
        if (rows.isEmpty()) {
            text.lines().forEach(out::add);
        }
    }

    private static void lines(byte[] file, List<String> out) {
        try {
            DocxFile.read(file).paper().paragraphs().forEach(paragraph -> {
                paragraph.text().lines().forEach(out::add);
                pictures(paragraph).forEach(out::add);
            });
        } catch (UnreadableFileException e) {
            if (!SheetFiles.isWorkbook(file)) {
                throw e;
            }
            for (Sheet sheet : SheetFiles.read(file)) {
                sheet.rows().forEach(row -> out.add(String.join(" ", row)));
            }
        }
    }

    /** What stands for the pictures of a paragraph. */
    private static List<String> pictures(Paragraph paragraph) {
        return paragraph.inlines().stream()
                .filter(Inline.Picture.class::isInstance)
                .map(picture -> Questionnaire.picture(((Inline.Picture) picture).alternative()))
                .toList();
    }

    /** The lines of a page; nothing of it is run or fetched. */
    public static void page(String html, List<String> out) {
        Document page = Jsoup.parse(html);
        page.select("script, style, template, noscript, nav, button").remove();
        for (Element picture : page.select("img, svg, video, audio, object, embed, iframe")) {
            picture.html("").after("\n" + Questionnaire.picture(picture.attr("alt")) + "\n");
        }
        for (Element link : page.select("a[href^=http]")) {
            if (!link.text().contains(link.attr("href"))) {
                link.appendText(" (" + link.attr("href") + ")");
            }
        }
        for (Element line : page.select("br")) {
            line.after("\n");
        }
        for (Element block : page.select("p, div, li, tr, h1, h2, h3, h4, h5, h6, td, label")) {
            block.appendText("\n");
        }
        page.body().wholeText().lines().forEach(out::add);
        out.removeIf(String::isBlank);
    }
}
