package grintel.cli;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.demand.Demands;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The contract of the command line: exit codes, what is printed where, and what is written. */
class CommandLineTest {
    @TempDir
    private Path folder;

    private Path essay;
    private String out = "";
    private String err = "";

    @BeforeEach
    void layOutTheEssay() throws IOException {
        essay = folder.resolve("–my essay ü.docx");
        Files.write(essay, UntidyEssay.write());
    }

    private int run(Object... arguments) {
        ByteArrayOutputStream standard = new ByteArrayOutputStream();
        ByteArrayOutputStream error = new ByteArrayOutputStream();
        String[] texts = new String[arguments.length];
        for (int i = 0; i < texts.length; i++) {
            texts[i] = arguments[i].toString();
        }
        int code = Main.run(
                new PrintStream(standard, true, StandardCharsets.UTF_8),
                new PrintStream(error, true, StandardCharsets.UTF_8),
                texts);
        out = standard.toString(StandardCharsets.UTF_8);
        err = error.toString(StandardCharsets.UTF_8);
        return code;
    }

    private JsonNode json() {
        return JsonMapper.shared().readTree(out);
    }

    @Test
    void checkPrintsOneObjectWithEveryRuleAndEveryFinding() {
        assertThat(run("check", essay, "--guide", "mla-9", "--format", "json")).isEqualTo(1);
        assertThat(out.strip().lines()).hasSize(1);
        JsonNode report = json();
        assertThat(report.get("file").stringValue()).isEqualTo(essay.toString());
        assertThat(report.get("guide").stringValue()).isEqualTo("mla-9");
        assertThat(report.get("rules").propertyNames()).containsExactlyElementsOf(Demands.ids());
        assertThat(report.get("rules").get("tables.rules").stringValue()).isEqualTo("not-asked");
        JsonNode finding = report.get("findings").get(0);
        assertThat(finding.propertyNames())
                .containsExactly("rule", "weight", "key", "fix", "places", "measured", "required", "message", "source");
        assertThat(finding.get("measured").stringValue()).isEqualTo("1.25 in");
        assertThat(finding.get("message").stringValue())
                .isEqualTo("The right margin is 1.25 in; the guide asks for 1 in.");
        assertThat(finding.get("places").get(0).get("paragraph").intValue()).isEqualTo(-1);
        assertThat(err).isEmpty();
    }

    @Test
    void fixWritesAFileThatChecksCleanButForTheWritersOwnWork() throws IOException {
        Path fixed = folder.resolve("fixed.docx");
        assertThat(run("fix", essay, "--guide", "mla-9", "-o", fixed)).isZero();
        assertThat(Files.readAllBytes(essay)).isEqualTo(UntidyEssay.write());
        run("check", fixed, "--guide", "mla-9", "--format", "json");
        assertThat(json().get("findings")
                        .valueStream()
                        .map(each -> each.get("fix").stringValue()))
                .isNotEmpty()
                .containsOnly("ask", "none");
        Path again = folder.resolve("again.docx");
        assertThat(run("fix", fixed, "--guide", "mla-9", "-o", again)).isZero();
        assertThat(Files.readAllBytes(again)).isEqualTo(Files.readAllBytes(fixed));
    }

    @Test
    void looksOnlyLeavesTheHeadersWordsAlone() {
        Path fixed = folder.resolve("looks.docx");
        assertThat(run("fix", essay, "--guide", "mla-9", "--looks-only", "-o", fixed))
                .isZero();
        run("check", fixed, "--guide", "mla-9", "--format", "json");
        assertThat(json().get("rules").get("running-head.text").stringValue()).isEqualTo("off");
        assertThat(json().get("rules").get("sheet.margins").stringValue()).isEqualTo("met");
    }

    @Test
    void onlyPutsRightWhatItNamesAndRefusesWhatIsForTheWriter() {
        Path fixed = folder.resolve("only.docx");
        assertThat(run("fix", essay, "--guide", "mla-9", "--only", "sheet.margins,type.colour", "-o", fixed))
                .isZero();
        run("check", fixed, "--guide", "mla-9", "--format", "json");
        assertThat(json().get("rules").get("sheet.margins").stringValue()).isEqualTo("met");
        assertThat(json().get("rules").get("spacing.line").stringValue()).isEqualTo("off");
        Path refused = folder.resolve("refused.docx");
        assertThat(run("fix", essay, "--guide", "mla-9", "--only", "type.emphasis", "-o", refused))
                .isEqualTo(2);
        assertThat(err).contains("type.emphasis").hasLineCount(1);
        assertThat(refused).doesNotExist();
    }

    @Test
    void theOtherFilesAreStillReportedWhenOneIsBad() throws IOException {
        Path bad = folder.resolve("bad.docx");
        Files.writeString(bad, "no paper");
        assertThat(run("check", "--guide", "mla-9", "--format", "json", "--", bad, essay, folder.resolve("none.docx")))
                .isEqualTo(2);
        List<String> lines = out.strip().lines().toList();
        assertThat(lines).hasSize(3);
        assertThat(lines.get(0)).contains("\"error\"").contains("bad.docx");
        assertThat(lines.get(1)).contains("\"findings\"");
        assertThat(err.lines()).hasSize(2).allMatch(line -> line.startsWith("grintel: "));
    }

    @Test
    void optionsThatCannotBeUsedAreOneClearLine() throws IOException {
        Path out1 = folder.resolve("o.docx");
        Path house = folder.resolve("house.yaml");
        Files.writeString(house, "rules: {sheet.margins: {left: wide}}");
        assertThat(run("check", essay)).isEqualTo(2);
        assertThat(err).contains("--guide").hasLineCount(1);
        assertThat(run("check", essay, "--guide", "mla-99")).isEqualTo(2);
        assertThat(err).contains("mla-99").contains("mla-9").hasLineCount(1);
        assertThat(run("check", essay, "--guide", "mla-9", "--format", "xml")).isEqualTo(2);
        assertThat(run("fix", essay, "--guide", "mla-9", "-o", essay)).isEqualTo(2);
        assertThat(err).contains("name another file");
        assertThat(run("fix", essay, "--guide", "mla-9", "--house-rules", house, "-o", out1))
                .isEqualTo(2);
        assertThat(err).contains("left").hasLineCount(1);
        assertThat(out1).doesNotExist();
        assertThat(run()).isEqualTo(2);
    }

    @Test
    void factsDecideTheSurname() throws IOException {
        Path facts = folder.resolve("facts.yaml");
        Files.writeString(facts, "authors: [{given: Marit, surname: Solvane-Ekwall}]");
        Path fixed = folder.resolve("fixed.docx");
        assertThat(run("fix", essay, "--guide", "mla-9", "--facts", facts, "-o", fixed))
                .isZero();
        assertThat(out).contains("Solvane-Ekwall #");
    }

    @Test
    void aNewPaperHasOnlyItsPlaceholdersLeft() throws IOException {
        Path facts = Files.writeString(folder.resolve("facts.yaml"), """
                title: Lamps on the Low Canal
                authors: [{given: Marit, surname: Solvane}]
                """);
        Path fresh = folder.resolve("new.docx");
        assertThat(run("new", "--guide", "apa-7-student", "--facts", facts, "-o", fresh))
                .isZero();
        assertThat(run("check", fresh, "--guide", "apa-7-student", "--facts", facts, "--format", "json"))
                .isEqualTo(1);
        assertThat(json().get("findings"))
                .isNotEmpty()
                .allMatch(finding -> finding.get("rule").stringValue().equals("hand-in.placeholders"));
        assertThat(run("new", "--guide", "mla-9", "-o", folder.resolve("new.pdf")))
                .isEqualTo(2);
        assertThat(err).contains("a new paper is a .docx");
        assertThat(folder.resolve("new.pdf")).doesNotExist();
    }

    @Test
    void linesPrintTheLayoutInPoints() {
        assertThat(run("lines", essay)).isZero();
        JsonNode page = json().get("pages").get(0);
        assertThat(page.get("width").doubleValue()).isEqualTo(612);
        JsonNode first = page.get("lines").get(0);
        assertThat(first.propertyNames()).containsExactly("part", "paragraph", "x", "y", "width", "text");
        assertThat(first.get("text").stringValue()).isEqualTo("Marit Solvane");
        assertThat(first.get("x").doubleValue()).isEqualTo(90);
        assertThat(page.get("lines").valueStream().map(line -> line.get("text").stringValue()))
                .anyMatch(text -> text.startsWith("\tNight work"));
    }

    @Test
    void convertWritesAPdfAndNamesTheFacesItIsSetIn() throws IOException {
        Path pdf = folder.resolve("out.pdf");
        assertThat(run("convert", essay, "-o", pdf)).isZero();
        assertThat(Files.readAllBytes(pdf)).startsWith("%PDF-1.7".getBytes(StandardCharsets.US_ASCII));
        assertThat(out).contains("Calibri is set in Carlito, which has the same widths", "written, ");
    }

    @Test
    void convertRefusesOtherEndingsAndLeavesNoFile() {
        Path other = folder.resolve("out.xyz");
        assertThat(run("convert", essay, "-o", other)).isEqualTo(2);
        assertThat(err.strip().lines()).hasSize(1);
        assertThat(other).doesNotExist();
    }

    @Test
    void convertSaysWhatTheLayoutCouldNotHonour() throws IOException {
        Path odd = folder.resolve("odd.docx");
        Files.write(
                odd,
                DocxWriter.write(new PaperBuilder().paragraph("a \uE000 sign").build()));
        assertThat(run("convert", odd, "-o", folder.resolve("odd.pdf"))).isZero();
        assertThat(out).contains("U+E000", "1 page");
    }

    @Test
    void convertKeepsAnOlderFileWhereThePaperCannotBeRead() throws IOException {
        Path pdf = folder.resolve("kept.pdf");
        Files.writeString(pdf, "older");
        Path noise = folder.resolve("noise.docx");
        Files.write(noise, new byte[300]);
        assertThat(run("convert", noise, "-o", pdf)).isEqualTo(2);
        assertThat(err.strip().lines()).hasSize(1);
        assertThat(Files.readString(pdf)).isEqualTo("older");
        assertThat(run("convert", essay, "-o", pdf)).isZero();
        assertThat(Files.size(pdf)).isGreaterThan(1000);
    }

    @Test
    void convertNeverWritesOverThePaperItself() throws IOException {
        Path paper = folder.resolve("paper.pdf");
        Files.copy(essay, paper);
        byte[] before = Files.readAllBytes(paper);
        assertThat(run("convert", paper, "-o", paper)).isEqualTo(2);
        assertThat(Files.readAllBytes(paper)).isEqualTo(before);
    }

    @Test
    void theDocumentsOfGuidesAreCurrent() {
        GuideDocumentsCommand.documents()
                .forEach((name, text) -> assertThat(Path.of("../docs/guides", name))
                        .as("run ./grintel documents")
                        .hasContent(text));
        assertThat(Path.of("../README.md"))
                .as("run ./grintel documents")
                .content()
                .satisfies(text ->
                        assertThat(GuideDocumentsCommand.withRules(text)).isEqualTo(text));
    }
}
