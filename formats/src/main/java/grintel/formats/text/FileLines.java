package grintel.formats.text;

import grintel.core.appendix.ExportLine;
import grintel.core.edit.NewImage;
import grintel.core.made.UnusableSourceException;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.table.SheetText;
import grintel.formats.UnreadableFileException;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxPictures;
import grintel.formats.sheet.SheetFiles;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;

/** The lines of a file, which is known by what it holds: a .docx, a page, a workbook, a text. */
public final class FileLines {
    /** The first of the characters for private use (The Unicode Standard 23.5), of which a page hardly ever has any. */
    private static final char FIRST_PRIVATE = '\uE000';

    private static final String OBJECT = String.valueOf(Paragraph.OBJECT);
    private static final Pattern DATA = Pattern.compile("(?i)\\s*data:image/[a-z+.-]+;base64,");

    private FileLines() {}

    /**
     * Reads the lines, those without words left out.
     *
     * @throws UnreadableFileException when the file is damaged, a danger, or of another kind
     * @throws UnusableSourceException when no line is in it
     */
    public static Export read(byte[] file) {
        Export read = anyOf(file);
        if (read.isEmpty()) {
            throw new UnusableSourceException("There are no words in it. Choose another file, or paste the text.");
        }
        return read;
    }

    private static Export anyOf(byte[] file) {
        if (file.length >= 2 && file[0] == 'P' && file[1] == 'K') {
            return zipped(file);
        }
        String text = SheetFiles.text(file);
        if (text.indexOf('\0') >= 0) {
            throw new UnusableSourceException("This is no text. Choose a .docx, .html, .txt, .csv or .xlsx file.");
        }
        return SheetFiles.isPage(text) ? page(text) : ofWords(plain(text));
    }

    /** The lines of plain text. */
    public static Export pasted(String text) {
        return ofWords(text.lines());
    }

    /** Items with their codes in cells are a line each; any other text is read line by line. */
    private static Stream<String> plain(String text) {
        List<List<String>> rows = SheetText.rowsOfCells(text);
        return rows.isEmpty() ? text.lines() : rows.stream().map(row -> String.join(" ", row));
    }

    private static Export ofWords(Stream<String> lines) {
        return export(lines.map(ExportLine::of), Map.of());
    }

    /** Without lines that say nothing. */
    private static Export export(Stream<ExportLine> lines, Map<String, NewImage> images) {
        return new Export(lines.filter(line -> !line.words().isBlank()).toList(), images);
    }

    private static Export zipped(byte[] file) {
        try {
            return paper(file, DocxFile.read(file).paper());
        } catch (UnreadableFileException e) {
            if (!SheetFiles.isWorkbook(file)) {
                throw e;
            }
            return ofWords(SheetFiles.read(file).stream()
                    .flatMap(sheet -> sheet.rows().stream().map(row -> String.join(" ", row))));
        }
    }

    private static Export paper(byte[] file, Paper paper) {
        Set<String> targets = new HashSet<>();
        paper.paragraphs().forEach(paragraph -> pictures(paragraph).forEach(each -> targets.add(each.target())));
        Map<String, DocxPictures.Picture> found = DocxPictures.findAll(file, targets);
        ExportPictures pictures = new ExportPictures();
        List<ExportLine> out = new ArrayList<>();
        for (Paragraph paragraph : paper.paragraphs()) {
            paragraph.text().replace(OBJECT, "").lines().map(ExportLine::of).forEach(out::add);
            pictures(paragraph).forEach(picture -> {
                DocxPictures.Picture image = found.get(picture.target());
                byte[] bytes = image == null ? null : image.bytes();
                out.add(ExportLine.picture(
                        picture.alternative(), pictures.take(bytes, picture.width(), picture.height())));
            });
        }
        return export(out.stream(), pictures.images());
    }

    private static Stream<Inline.Picture> pictures(Paragraph paragraph) {
        return paragraph.inlines().stream()
                .filter(Inline.Picture.class::isInstance)
                .map(Inline.Picture.class::cast);
    }

    /** The lines of a page; nothing of it is run or fetched. Of its pictures those come along that it holds itself. */
    public static Export page(String html) {
        Document page = Jsoup.parse(html);
        page.select("script, style, template, noscript, nav, button").remove();
        char mark = unsaid(page.wholeText());
        ExportPictures pictures = new ExportPictures();
        List<ExportLine> stands = new ArrayList<>();
        for (Element picture : page.select("img, svg, video, audio, object, embed, iframe")) {
            picture.html("").after("\n" + mark + stands.size() + "\n");
            stands.add(ExportLine.picture(
                    picture.attr("alt"),
                    pictures.take(held(picture.attr("src")), size(picture, "width"), size(picture, "height"))));
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
        return export(
                page.body().wholeText().lines().map(line -> {
                    int at = line.indexOf(mark);
                    return at < 0
                            ? ExportLine.of(line)
                            : stands.get(Integer.parseInt(line.substring(at + 1).strip()));
                }),
                pictures.images());
    }

    /** A character that stands nowhere in a text. */
    private static char unsaid(String text) {
        char mark = FIRST_PRIVATE;
        while (text.indexOf(mark) >= 0) {
            mark++;
        }
        return mark;
    }

    /** The bytes of an image that a page holds itself (RFC 2397), null for one that would have to be fetched. */
    private static byte @Nullable [] held(String source) {
        Matcher data = DATA.matcher(source);
        if (!data.lookingAt()) {
            return null;
        }
        try {
            return Base64.getMimeDecoder().decode(source.substring(data.end()));
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    private static long size(Element picture, String side) {
        String dots = picture.attr(side).strip();
        return dots.matches("\\d{1,5}(?:px)?") ? ExportPictures.ofDots(Long.parseLong(dots.replace("px", ""))) : 0;
    }
}
