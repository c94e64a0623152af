package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.Weight;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.rule.ObjectFaults;
import grintel.core.rule.Reading;
import grintel.core.specimen.Fault;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Papers of all guides as files of several writers: correct ones bring no required finding, a fault laid is found by its
 * rule, what is safe is put right in the file, and what is found and missed is counted rule by rule.
 */
class CorpusTest {
    /** Faults of settings and footers, which the flat writer does not write. */
    private static final List<String> NOT_IN_FLAT =
            List.of("spacing.hyphenation", "sheet.orientation", "sheet.columns", "running-head.footer");

    private static final Map<String, Function<Paper, byte[]>> WRITERS = Map.of(
            "styles", paper -> DocxWriter.write(paper, images(paper)),
            "another library", paper -> throughLibrary(DocxWriter.write(paper, images(paper))),
            "no styles, UTF-16", paper -> FlatWriter.write(paper, images(paper)));

    private static final List<Fault> FAULTS =
            Stream.concat(Fault.ALL.stream(), ObjectFaults.all().stream()).toList();

    private static final Inline.Picture.Pixels SHARP = new Inline.Picture.Pixels(1200, 600);

    /** An image for each picture of a paper, of as many dots as it says. */
    private static Map<String, byte[]> images(Paper paper) {
        Map<String, byte[]> out = new TreeMap<>();
        for (Paragraph paragraph : paper.paragraphs()) {
            for (Inline inline : paragraph.inlines()) {
                if (inline instanceof Inline.Picture picture) {
                    out.put(picture.target(), image(picture.pixels() == null ? SHARP : picture.pixels()));
                }
            }
        }
        return out;
    }

    private static byte[] image(Inline.Picture.Pixels pixels) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(
                    new BufferedImage(pixels.width(), pixels.height(), BufferedImage.TYPE_BYTE_BINARY), "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] throughLibrary(byte[] bytes) {
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(bytes))) {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            document.write(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static Stream<Arguments> files() {
        return Guides.all().stream()
                .map(Guide::id)
                .flatMap(guide -> WRITERS.keySet().stream().sorted().map(writer -> Arguments.of(guide, writer)));
    }

    private static Report examine(Specimen specimen, DocxFile file) {
        return Examiner.examine(file.paper(), specimen.brief(), WorkLimits.within(20));
    }

    @ParameterizedTest(name = "{0}, {1}")
    @MethodSource("files")
    void aCorrectPaperBringsNoRequiredFinding(String guide, String writer) {
        for (Content content : List.of(Content.NOTHING, Content.HEADINGS, Content.APPENDICES)) {
            bringsNoRequiredFinding(Specimen.of(guide, content), writer, content.name());
        }
        ObjectFaults.none().forEach((name, lay) -> {
            Specimen specimen = Specimen.of(guide, Content.NOTHING);
            lay.accept(specimen);
            bringsNoRequiredFinding(specimen, writer, name);
        });
    }

    private static void bringsNoRequiredFinding(Specimen specimen, String writer, String what) {
        DocxFile file = DocxFile.read(WRITERS.get(writer).apply(specimen.build()));
        Report report = examine(specimen, file);
        assertThat(report.findings()).as(what).noneMatch(finding -> report.weight(finding) == Weight.REQUIRED);
    }

    /** A fault laid into a paper of a guide, written by a writer. */
    private record Laid(Guide guide, Fault fault, String writer) {
        boolean canBe() {
            boolean flat = writer.startsWith("no styles");
            return guide.ask(fault.rule()).isAsked()
                    && fault.appliesTo(guide)
                    && !(flat && NOT_IN_FLAT.contains(fault.rule()));
        }
    }

    /**
     * What became of a fault.
     *
     * @param missed what went wrong, empty for nothing
     */
    private record Outcome(String rule, boolean found, boolean fixable, boolean right, String missed) {}

    @Test
    void whatIsLaidIsFoundAndPutRight() {
        List<Laid> all = Guides.all().stream()
                .flatMap(guide -> FAULTS.stream()
                        .flatMap(fault -> WRITERS.keySet().stream().map(writer -> new Laid(guide, fault, writer))))
                .filter(Laid::canBe)
                .toList();
        List<Outcome> outcomes = all.parallelStream().map(CorpusTest::lay).toList();
        Map<String, List<Outcome>> byRule =
                outcomes.stream().collect(Collectors.groupingBy(Outcome::rule, TreeMap::new, Collectors.toList()));
        byRule.forEach((rule, of) -> System.out.printf(
                "%-28s found %d of %d, put right %d of %d%n",
                rule,
                of.stream().filter(Outcome::found).count(),
                of.size(),
                of.stream().filter(Outcome::right).count(),
                of.stream().filter(Outcome::fixable).count()));
        assertThat(outcomes).extracting(Outcome::missed).allMatch(String::isEmpty);
        assertThat(byRule).hasSizeGreaterThan(50);
    }

    private static Outcome lay(Laid laid) {
        Specimen specimen = Specimen.of(laid.guide.id(), Content.NOTHING);
        laid.fault.lay().accept(specimen);
        DocxFile file = DocxFile.read(WRITERS.get(laid.writer).apply(specimen.build()));
        String rule = laid.fault.rule();
        String what = laid.guide.id() + ", " + laid.fault.name() + ", " + laid.writer;
        List<Reading> found = examine(specimen, file).verdict(rule).findings();
        if (found.isEmpty()) {
            return new Outcome(rule, false, false, false, what + ": not found");
        }
        if (found.stream().allMatch(finding -> finding.fixClass() == FixClass.NONE)) {
            return new Outcome(rule, true, false, false, "");
        }
        PutRight.Result<DocxFile> result =
                PutRight.run(file, specimen.brief(), (finding, spot) -> true, WorkLimits.within(20));
        List<Reading> left = examine(specimen, DocxFile.read(result.file().bytes())).findings().stream()
                .filter(finding -> finding.fixClass() != FixClass.NONE)
                .toList();
        return new Outcome(rule, true, true, left.isEmpty(), left.isEmpty() ? "" : what + ": left " + left);
    }
}
