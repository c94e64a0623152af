package grintel.formats.sheet;

import grintel.core.limit.TooLargeException;
import grintel.core.limit.WorkLimits;
import grintel.core.made.UnusableSourceException;
import grintel.core.table.Sheet;
import grintel.formats.archive.Archive;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.apache.poi.ss.usermodel.DateUtil;
import org.apache.poi.ss.util.CellReference;
import org.apache.poi.util.XMLHelper;
import org.apache.poi.xssf.eventusermodel.ReadOnlySharedStringsTable;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.apache.poi.xssf.eventusermodel.XSSFSheetXMLHandler;
import org.apache.poi.xssf.usermodel.XSSFComment;
import org.jspecify.annotations.Nullable;
import org.xml.sax.Attributes;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.XMLReader;

/** The sheets of a workbook (ISO 29500-1 §18), read as they stream by. What formulas last came to is read, never computed. */
final class WorkbookSheets {
    /** Digits a double holds for certain. */
    private static final MathContext CERTAIN = new MathContext(15);

    private static final int MOST_SHEETS = 20;

    private WorkbookSheets() {}

    static List<Sheet> read(byte[] file) {
        // Bombs and what is no archive are refused here, before anything is read.
        try (Archive archive = Archive.open(file)) {
            for (String name : archive.names()) {
                archive.get(name);
            }
            if (archive.get("xl/workbook.xml") == null) {
                throw new UnusableSourceException(
                        "This is no workbook. Choose an .xlsx, .csv or .txt file, or paste the cells.");
            }
        }
        try (OPCPackage book = OPCPackage.open(new ByteArrayInputStream(file))) {
            return sheets(book);
        } catch (IOException | OpenXML4JException | SAXException | ParserConfigurationException | RuntimeException e) {
            if (e instanceof UnusableSourceException || e instanceof TooLargeException) {
                throw (RuntimeException) e;
            }
            throw new UnusableSourceException(
                    "The workbook is damaged and could not be read. Save it again from the program it was made in.");
        }
    }

    private static List<Sheet> sheets(OPCPackage book)
            throws IOException, OpenXML4JException, SAXException, ParserConfigurationException {
        XSSFReader reader = new XSSFReader(book);
        ReadOnlySharedStringsTable words = new ReadOnlySharedStringsTable(book);
        XSSFReader.SheetIterator all = (XSSFReader.SheetIterator) reader.getSheetsData();
        List<Sheet> out = new ArrayList<>();
        while (all.hasNext()) {
            try (InputStream one = all.next()) {
                if (out.size() == MOST_SHEETS) {
                    break;
                }
                Cells cells = new Cells();
                Watcher watcher = new Watcher(reader, words, cells);
                XMLReader parser = XMLHelper.newXMLReader();
                parser.setContentHandler(watcher);
                parser.parse(new InputSource(one));
                if (!cells.rows.isEmpty()) {
                    List<String> remarks = watcher.formulas
                            ? List.of("“" + all.getSheetName() + "” holds formulas; what they last came to was read.")
                            : List.of();
                    out.add(Sheet.of(cells.rows, remarks));
                }
            }
        }
        if (out.isEmpty()) {
            throw new UnusableSourceException("The workbook has no cell that says anything.");
        }
        Sheet first = out.get(0);
        if (out.size() == 1) {
            return out;
        }
        List<String> remarks = new ArrayList<>(first.remarks());
        remarks.add("The workbook has several sheets; the first was read.");
        return List.of(new Sheet(first.title(), first.rows(), first.footers(), remarks));
    }

    /** Numbers as exactly as they are kept, dates as they are shown. */
    private static final class Exact extends DataFormatter {
        @Override
        public String formatRawCellContents(double value, int format, String pattern, boolean use1904) {
            return DateUtil.isADateFormat(format, pattern)
                    ? super.formatRawCellContents(value, format, pattern, use1904)
                    : new BigDecimal(value).round(CERTAIN).stripTrailingZeros().toPlainString();
        }
    }

    /** Reads a sheet and notices formulas. */
    private static final class Watcher extends XSSFSheetXMLHandler {
        private boolean formulas;

        Watcher(XSSFReader reader, ReadOnlySharedStringsTable words, Cells cells)
                throws IOException, OpenXML4JException {
            super(reader.getStylesTable(), words, cells, new Exact(), false);
        }

        @Override
        public void startElement(String uri, String local, @Nullable String qualified, Attributes attributes)
                throws SAXException {
            formulas |= "f".equals(local);
            super.startElement(uri, local, qualified, attributes);
        }
    }

    /** Gathers cells row by row. */
    private static final class Cells implements XSSFSheetXMLHandler.SheetContentsHandler {
        private final List<List<String>> rows = new ArrayList<>();
        private List<String> row = new ArrayList<>();

        @Override
        public void startRow(int number) {
            WorkLimits.goOn();
            row = new ArrayList<>();
            if (rows.size() > Sheet.MOST_ROWS) {
                throw new UnusableSourceException("A table is made of at most 50,000 rows; this workbook has more.");
            }
        }

        @Override
        public void endRow(int number) {
            if (row.stream().anyMatch(cell -> !cell.isBlank())) {
                rows.add(row);
            }
        }

        @Override
        public void cell(@Nullable String reference, @Nullable String shown, @Nullable XSSFComment comment) {
            int column = reference == null ? row.size() : new CellReference(reference).getCol();
            if (column > Sheet.MOST_COLUMNS) {
                throw new UnusableSourceException("A table is made of at most 300 columns; this workbook has more.");
            }
            while (row.size() < column) {
                row.add("");
            }
            row.add(shown == null ? "" : shown);
        }
    }
}
