package grintel.formats.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.made.UnusableSourceException;
import grintel.core.table.Sheet;
import grintel.formats.UnreadableFileException;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.poi.ss.util.CellRangeAddress;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;

class SheetFilesTest {
    private static byte[] workbook(Consumer<XSSFWorkbook> content) throws IOException {
        try (XSSFWorkbook book = new XSSFWorkbook();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            content.accept(book);
            book.write(out);
            return out.toByteArray();
        }
    }

    private static void row(XSSFSheet sheet, int number, Object... cells) {
        var row = sheet.createRow(number);
        for (int i = 0; i < cells.length; i++) {
            if (cells[i] instanceof Number value) {
                row.createCell(i).setCellValue(value.doubleValue());
            } else {
                row.createCell(i).setCellValue(String.valueOf(cells[i]));
            }
        }
    }

    @Test
    void aWorkbookIsReadWithItsNumbersAsTheyAreKept() throws IOException {
        byte[] file = workbook(book -> {
            XSSFSheet sheet = book.createSheet("Lamps");
            row(sheet, 0, "Quay", "Sum", "Share");
            row(sheet, 2, "North", 14, 0.1 + 0.2);
            row(sheet, 3, "South", "12", 1.5);
            sheet.getRow(3).createCell(3).setCellFormula("B3*2");
            sheet.getRow(3).getCell(3).setCellValue(28);
            sheet.addMergedRegion(new CellRangeAddress(2, 2, 1, 2));
            row(book.createSheet("Else"), 0, "x");
        });
        Sheet sheet = SheetFiles.read(file).get(0);
        assertThat(sheet.rows())
                .containsExactly(
                        List.of("Quay", "Sum", "Share", ""),
                        List.of("North", "14", "0.3", ""),
                        List.of("South", "12", "1.5", "28"));
        assertThat(sheet.remarks())
                .containsExactly(
                        "“Lamps” holds formulas; what they last came to was read.",
                        "The workbook has several sheets; the first was read.");
    }

    @Test
    void joinedCellsOfAPageAreTakenApartAndNothingOfItIsRun() {
        List<Sheet> sheets = SheetFiles.read("""
                <html><body><script>alert(1)</script><p>Before it.</p>
                <table><caption>Lamps by Quay</caption>
                <tr><th rowspan=2>Quay</th><th colspan=2>Lamps<script>alert(2)</script></th></tr>
                <tr><th>lit</th><th>dark</th></tr>
                <tr><td>North&nbsp;</td><td>1</td><td>2</td></tr></table></body></html>
                """.getBytes(StandardCharsets.UTF_8));
        assertThat(sheets).hasSize(1);
        assertThat(sheets.get(0).title()).isEqualTo("Lamps by Quay");
        assertThat(sheets.get(0).rows())
                .containsExactly(List.of("Quay", "Lamps", ""), List.of("", "lit", "dark"), List.of("North", "1", "2"));
    }

    @Test
    void textIsReadInWhateverEncodingItWasWritten() {
        for (Charset charset :
                List.of(StandardCharsets.UTF_8, StandardCharsets.UTF_16, Charset.forName("windows-1252"))) {
            assertThat(SheetFiles.read("Kai;Länge\nNord;2,5".getBytes(charset))
                            .get(0)
                            .rows())
                    .as(charset.name())
                    .containsExactly(List.of("Kai", "Länge"), List.of("Nord", "2,5"));
        }
    }

    @Test
    void whatIsNoWorkbookOrADangerIsRefusedInWords() throws IOException {
        ByteArrayOutputStream bomb = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bomb)) {
            zip.putNextEntry(new ZipEntry("xl/workbook.xml"));
            byte[] nothing = new byte[1 << 20];
            for (int i = 0; i < 130; i++) {
                zip.write(nothing);
            }
        }
        assertThatThrownBy(() -> SheetFiles.read(bomb.toByteArray())).isInstanceOf(UnreadableFileException.class);
        ByteArrayOutputStream other = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(other)) {
            zip.putNextEntry(new ZipEntry("word/document.xml"));
        }
        assertThatThrownBy(() -> SheetFiles.read(other.toByteArray()))
                .isInstanceOf(UnusableSourceException.class)
                .hasMessageContaining("no workbook");
        byte[] damaged = workbook(book -> row(book.createSheet("a"), 0, "x", "y"));
        String broken = new String(damaged, StandardCharsets.ISO_8859_1).substring(0, damaged.length / 2);
        assertThatThrownBy(() -> SheetFiles.read(broken.getBytes(StandardCharsets.ISO_8859_1)))
                .isInstanceOfAny(UnusableSourceException.class, UnreadableFileException.class);
        assertThatThrownBy(() -> SheetFiles.read(workbook(book -> book.createSheet("empty"))))
                .hasMessageContaining("no cell");
        assertThatThrownBy(() -> HtmlSheets.read("<table><tr>" + "<td>x".repeat(400)))
                .hasMessageContaining("300 columns");
    }
}
