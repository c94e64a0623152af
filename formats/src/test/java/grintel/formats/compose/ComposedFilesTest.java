package grintel.formats.compose;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.compose.BlankContent;
import grintel.core.compose.Composer;
import grintel.core.compose.SampleContent;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.HouseRules;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.specimen.SampleFacts;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A brief made into a file, read and checked by the same brief, has nothing off but what waits to be written. */
class ComposedFilesTest {
    private static final Facts FACTS = SampleFacts.FACTS;

    /** What instructors ask otherwise, one choice of each line at random. */
    private static final List<List<String>> DIFFERENCES = List.of(
            List.of("sheet.size: {width: 21 cm, height: 29.7 cm}", "sheet.size: {width: 8.5 in, height: 14 in}"),
            List.of(
                    "sheet.margins: {left: 1.5 in}",
                    "sheet.margins: {top: 2.54 cm, right: 2 cm, bottom: 2 cm, left: 3 cm}",
                    "sheet.margins: {top: 1.25 in, bottom: 1.25 in}"),
            List.of("sheet.header-distance: {header: 0.75 in}", "sheet.header-distance: {header: 1 cm}"),
            List.of(
                    "type.face: {faces: [Arial]}\n  type.size: {sizes: {Arial: 11}}",
                    "type.face: {faces: [Georgia, Times New Roman]}\n  type.size: {sizes: {Georgia: 11}}",
                    "type.face: {faces: [Calibri]}\n  type.size: {sizes: {Calibri: 12}}"),
            List.of("spacing.line: {multiple: 1.5}", "spacing.line: {multiple: 1.75}"),
            List.of("spacing.paragraph-gap: {after: 6 pt}", "spacing.paragraph-gap: {before: 12 pt}"),
            List.of("spacing.alignment: {alignment: justified}"),
            List.of("spacing.first-line: {indent: 0.25 in}", "spacing.first-line: {indent: 1 cm}"),
            List.of("spacing.widows: {weight: required, control: keep}"),
            List.of("running-head.number-place: {place: bottom-centre}"),
            List.of(
                    "running-head.text: {content: none}",
                    "running-head.text: {content: surname, words-place: by-number}",
                    "running-head.text: {content: short-title, words-place: left}"),
            List.of("running-head.first-page: {first-page: none}", "running-head.first-page: {first-page: same}"),
            List.of("running-head.number-start: {start: 3}", "running-head.number-start: {start: 1, from: first-page}"),
            List.of(
                    "opening.title-page: {present: false}",
                    "opening.title-page-parts: {parts: [title, author, course, instructor, date]}",
                    "opening.title-page-parts: {parts: [institution, title, author, date]}"),
            List.of("opening.heading-block: {lines: [author, course, instructor, class-period, date]}"),
            List.of("opening.title-form: {bold: true}", "opening.title-form: {bold: false}"),
            List.of("opening.date-form: {order: day-month-year}", "opening.date-form: {order: month-day-year}"),
            List.of("opening.abstract: {weight: required, present: true, label-bold: false, max-words: 300}"),
            List.of("text.quotation-form: {indent: 1 in}", "text.quotation-form: {multiple: 1, gap: one-line}"),
            List.of("notes.kind: {kind: footnotes}", "notes.spacing: {multiple: 1.5}"),
            List.of("sources.label: {words: [Sources], bold: true}", "sources.label: {words: [Works Consulted]}"),
            List.of("sources.hanging: {indent: 1 cm}"),
            List.of("sources.spacing: {multiple: 1, gap: one-line}", "sources.spacing: {multiple: 1.5, gap: none}"),
            List.of("appendices.label: {bold: true}"),
            List.of("hand-in.part-order: {appendices: after-sources}"));

    static Stream<Guide> guides() {
        return Guides.all().stream();
    }

    @ParameterizedTest
    @MethodSource("guides")
    void withoutHouseRules(Guide guide) {
        isClean(Brief.of(guide, null, FACTS), "");
        isClean(Brief.of(guide, null, Facts.NONE), "");
    }

    @ParameterizedTest
    @MethodSource("houses")
    void withHouseRulesAtRandom(int seed) {
        Random random = new Random(seed);
        List<String> rules = new ArrayList<>();
        for (List<String> choices : DIFFERENCES) {
            if (random.nextInt(4) == 0) {
                rules.add("  " + choices.get(random.nextInt(choices.size())) + "\n");
            }
        }
        String yaml = "rules:\n" + (rules.isEmpty() ? "  sheet.columns: {}\n" : String.join("", rules));
        HouseRules house = HouseRules.parse("house.yaml", yaml);
        Guide guide = Guides.all().get(seed % Guides.all().size());
        isClean(Brief.of(guide, house, FACTS), yaml);
    }

    static IntStream houses() {
        return IntStream.range(0, 105);
    }

    private static void isClean(Brief brief, String house) {
        Guide guide = brief.guide();
        check(brief, DocxWriter.write(Composer.compose(brief, SampleContent.of(guide)), SampleContent.images()), house);
        check(brief, DocxWriter.write(Composer.compose(brief, BlankContent.of(guide, true))), house);
        check(brief, DocxWriter.write(Composer.compose(brief, BlankContent.of(guide, false))), house);
    }

    private static void check(Brief brief, byte[] file, String house) {
        Paper paper = DocxFile.read(file).paper();
        Report report = Examiner.examine(paper, brief, WorkLimits.within(20));
        assertThat(report.findings())
                .as("%s with %s", brief.guide().id(), house)
                .filteredOn(finding -> !finding.rule().equals("hand-in.placeholders"))
                .isEmpty();
    }
}
