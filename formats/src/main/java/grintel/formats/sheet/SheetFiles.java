package grintel.formats.sheet;

import grintel.core.made.UnusableSourceException;
import grintel.core.table.Sheet;
import grintel.core.table.SheetText;
import grintel.formats.UnreadableFileException;
import grintel.formats.archive.Archive;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** The sheets of a file, which is known by what it holds and not by its name. */
public final class SheetFiles {
    private static final Charset WESTERN = Charset.forName("windows-1252");

    private SheetFiles() {}

    /**
     * Reads a workbook (.xlsx), a page or a text.
     *
     * @throws UnusableSourceException when nothing can be made of it
     * @throws UnreadableFileException when the file itself is damaged or a danger
     */
    public static List<Sheet> read(byte[] file) {
        if (file.length >= 4 && file[0] == 'P' && file[1] == 'K') {
            return WorkbookSheets.read(file);
        }
        String text = text(file);
        return isPage(text) ? HtmlSheets.read(text) : SheetText.read(text);
    }

    /** Whether an archive is a workbook. */
    public static boolean isWorkbook(byte[] archive) {
        try (Archive opened = Archive.open(archive)) {
            return opened.names().contains("xl/workbook.xml");
        }
    }

    /** Whether a text is a page. */
    public static boolean isPage(String text) {
        String start = text.stripLeading();
        return start.regionMatches(true, 0, "<!doctype html", 0, 14)
                || start.regionMatches(true, 0, "<html", 0, 5)
                || start.regionMatches(true, 0, "<table", 0, 6);
    }

    /** By its byte order mark, else as UTF-8 where it is that, else as the Western text older programs write. */
    public static String text(byte[] file) {
        if (file.length >= 2 && (file[0] & 0xFF) == 0xFF && (file[1] & 0xFF) == 0xFE) {
            return new String(file, StandardCharsets.UTF_16);
        }
        if (file.length >= 2 && (file[0] & 0xFF) == 0xFE && (file[1] & 0xFF) == 0xFF) {
            return new String(file, StandardCharsets.UTF_16);
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(file))
                    .toString();
        } catch (CharacterCodingException e) {
            return new String(file, WESTERN);
        }
    }
}
