package grintel.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import grintel.core.check.Examiner;
import grintel.core.edit.WordLedger;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Reading;
import grintel.formats.archive.Archive;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.poi.xwpf.usermodel.ParagraphAlignment;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The whole job as a student does it, in a real browser. */
@ExtendWith(Application.class)
class PaperJourneyTest {
    @Test
    void whatAnotherWindowChangedFirstIsToldAndShown() {
        Desk one =
                Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9").station("Sheet");
        Desk other = one.another().station("Sheet");
        other.button("Put this station right").click();
        assertThat(other.reading("Left margin")).containsText("met");
        one.button("Put this station right").click();
        assertThat(one.page().getByRole(AriaRole.ALERT)).containsText("changed in another window");
        assertThat(one.reading("Left margin")).containsText("met");
        one.button("Undo").click();
        assertThat(one.reading("Left margin")).containsText("1.25 in");
    }

    @Test
    void theEssayIsMeasuredPutRightAndTakenBack() {
        byte[] essay = UntidyEssay.write();
        Desk desk = Desk.signUp().bring("lamps.docx", essay, "MLA 9");

        // Sheet: the readings, and the dimension lines that show them on the page.
        desk.station("Sheet");
        assertThat(desk.reading("Left margin")).containsText("1.25 in");
        assertThat(desk.reading("Left margin")).containsText("+0.25");
        assertThat(desk.reading("Header to edge")).containsText("0.4 in");
        Locator first = desk.sheet(1);
        assertThat(first).containsText("In all three novels the canal is lit");
        assertThat(first).containsText("1.25 in");

        // One reading is put right, seen on the page, undone and redone.
        desk.reading("Left margin").getByRole(AriaRole.BUTTON).first().click();
        desk.reading("Left margin").getByText("Put right").click();
        assertThat(desk.reading("Left margin")).containsText("met");
        desk.button("Undo").click();
        assertThat(desk.reading("Left margin")).containsText("1.25 in");
        desk.button("Redo").click();
        assertThat(desk.reading("Left margin")).containsText("met");

        // The other stations name their faults with their places.
        desk.station("Type").unfold("Colour");
        assertThat(desk.reading("Text colour")).containsText("#C00000");
        assertThat(desk.reading("Highlighting")).containsText("yellow");
        desk.station("Spacing");
        for (String name :
                List.of("Line spacing", "Paragraph gaps", "Blank paragraphs", "First lines", "Start of a part")) {
            assertThat(desk.reading(name)).isVisible();
        }
        assertThat(desk.marks().first()).isVisible();
        desk.station("Running head");
        assertThat(desk.reading("Live number")).containsText("typed");

        // A station, with the words that would change shown first, then all that is left.
        desk.button("Put this station right").click();
        assertThat(desk.page().getByRole(AriaRole.DIALOG)).containsText("Solvane #");
        desk.confirmWords();
        assertThat(desk.reading("Live number")).containsText("met");
        assertThat(desk.sheet(1)).containsText("Solvane 1");
        desk.putAllRight();

        byte[] back = desk.handIn(".docx");
        checksClean(back, "mla-9", "Solvane");
        // Of the text only the number of its figure was in another guide's words.
        assertThat(text(back)).isEqualTo(text(essay).replace("Figure 1:", "Fig. 1."));
        try (Archive was = Archive.open(essay);
                Archive is = Archive.open(back)) {
            for (String part : was.names()) {
                if (part.startsWith("word/media/") || part.equals("docProps/app.xml")) {
                    assertThat(is.get(part)).as(part).isEqualTo(was.get(part));
                }
            }
        }
    }

    @Test
    void theStudyIsPutRightAtOnce() {
        Desk desk = Desk.signUp().bring("fog-bells.docx", UntidyStudy.write(), "APA 7, student paper");
        desk.station("Type");
        assertThat(desk.reading("Face")).containsText("Cambria");
        desk.station("Running head");
        assertThat(desk.reading("Label")).isVisible();
        desk.putAllRight();
        checksClean(desk.handIn(".docx"), "apa-7-student", "Ekwall");
    }

    @Test
    void aPaperOfAnotherWriterLibraryIsReadAndPutRight() throws IOException {
        byte[] other = writtenByAStranger();
        Desk desk = Desk.signUp().bring("stranger.docx", other, "MLA 9");
        desk.putAllRight();
        byte[] back = desk.handIn(".docx");
        checksClean(back, "mla-9", "Solvane");
        assertThat(words(back).hasSameTextAs(words(other))).isTrue();
    }

    @Test
    void anotherPersonDoesNotFindThePaperByItsAddress() {
        Desk marit = Desk.signUp().bring("lamps.docx", UntidyEssay.write(), "MLA 9");
        String address = marit.page().url();
        Desk tobias = Desk.signUp();
        tobias.page().navigate(address);
        assertThat(tobias.page().getByRole(AriaRole.ALERT)).containsText("There is no such paper");
        String file = address.replace("/papers/", "/api/papers/") + "/proofs/1/file";
        assertThat(tobias.page().request().get(file).status()).isEqualTo(404);
        assertThat(marit.page().request().get(file).status()).isEqualTo(200);
    }

    @Test
    void aBadFileIsRefusedInASentence() {
        Desk desk = Desk.signUp();
        desk.page()
                .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bring a paper"))
                .first()
                .click();
        desk.page()
                .getByLabel("The paper’s file")
                .setInputFiles(new FilePayload("letter.docx", "text/plain", new byte[40]));
        assertThat(desk.page().getByRole(AriaRole.ALERT)).containsText("The file is no .docx");
        assertThat(desk.button("Measure it")).isDisabled();
    }

    @Test
    void theDemoDeskIsOneClickAway() {
        Page page = Application.open();
        page.getByText("Try the demo desk").click();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Lamps on the Low Canal")))
                .isVisible();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Fog Bells and the Evening")))
                .isVisible();
    }

    /** Nothing is left that could be put right without asking the writer. */
    private static void checksClean(byte[] file, String guide, String surname) {
        Guide found = Guides.find(guide);
        assertThat(found).isNotNull();
        List<Reading> left = Examiner.examine(
                        DocxFile.read(file).paper(),
                        Brief.of(found, null, Facts.of(surname, "")),
                        WorkLimits.within(20))
                .findings();
        assertThat(left).allMatch(reading -> reading.fixClass() == FixClass.ASK || reading.fixClass() == FixClass.NONE);
    }

    /** An essay as a general-purpose library writes it, with faults of its own. */
    private static byte[] writtenByAStranger() throws IOException {
        String prose =
                "Night work, in these books, is never only work. It is the one time of day when the lock keepers, the"
                        + " toll clerks and the bargemen stand in the same light, and the account books are written by it too.";
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            for (String line : List.of("Marit Solvane", "Dr. Ilse Tamberg", "Literature 214", "9 October 2026")) {
                write(document, line, 11);
            }
            write(document, "Lamps on the Low Canal", 11).setAlignment(ParagraphAlignment.CENTER);
            for (int i = 0; i < 8; i++) {
                write(document, prose, i % 3 == 0 ? 12 : 11).setSpacingAfter(200);
            }
            document.write(out);
            return out.toByteArray();
        }
    }

    private static XWPFParagraph write(XWPFDocument document, String text, int size) {
        XWPFParagraph paragraph = document.createParagraph();
        XWPFRun run = paragraph.createRun();
        run.setFontFamily("Calibri");
        run.setFontSize(size);
        run.setText(text);
        return paragraph;
    }

    /** The words of a file's text, white space aside. */
    private static String text(byte[] file) {
        return DocxFile.read(file).paper().paragraphs().stream()
                .map(Paragraph::text)
                .collect(Collectors.joining(" "))
                .replaceAll("[\\s\\u00A0]+", " ");
    }

    private static WordLedger words(byte[] file) {
        return WordLedger.of(DocxFile.read(file).paper());
    }
}
