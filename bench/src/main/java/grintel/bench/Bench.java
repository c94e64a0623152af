package grintel.bench;

import com.ctc.wstx.stax.WstxInputFactory;
import grintel.bench.Stopwatch.Timing;
import grintel.core.check.Examiner;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.compose.BlankContent;
import grintel.core.compose.Composer;
import grintel.core.compose.Specimen;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.structure.Corrections;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.jspecify.annotations.Nullable;

/** Prints the bench report. */
public final class Bench {
    private static final PrintStream OUT = new PrintStream(System.out, true, StandardCharsets.UTF_8);
    private static final int SECONDS = 60;

    private final Path root;
    private final @Nullable String address;
    private final Brief brief;

    private Bench(Path root, @Nullable String address) {
        this.address = address;
        this.root = root;
        Guide guide = Guides.find("mla-9");
        if (guide == null) {
            throw new IllegalStateException("mla-9 is shipped");
        }
        this.brief = Brief.of(guide, null, Facts.of("Solvane", ""));
    }

    /** Measures; the arguments are the project's root and the address of a running application, if there is one. */
    public static void main(String[] args) throws Exception {
        new Bench(Path.of(args[0]), args.length > 1 ? args[1] : null).run();
    }

    private void run() throws Exception {
        OUT.printf(
                "%s, %d cores, Java %s; milliseconds, median of ten (least to most)%n%n",
                System.getProperty("os.arch"),
                Runtime.getRuntime().availableProcessors(),
                System.getProperty("java.version"));
        LayoutBench.run(OUT);
        OUT.println();
        for (Guide guide : Guides.all()) {
            compose(Brief.of(guide, null, brief.facts()));
        }
        OUT.println();
        MakerBench.run(OUT);
        OUT.println();
        for (int pages : List.of(20, 300)) {
            measure(pages);
        }
        measureProcess();
        measureScript();
        if (address != null) {
            BrowserBench.run(OUT, address);
            LoadBench.run(OUT, address);
        }
    }

    /** A specimen is composed, typeset and measured; a new paper is composed and written. */
    private static void compose(Brief of) {
        int pages = Specimen.of(of, WorkLimits.within(SECONDS))
                .report()
                .proof()
                .pages()
                .size();
        Timing specimen = Stopwatch.warm(() -> Specimen.of(of, WorkLimits.within(SECONDS)), 60);
        Timing paper =
                Stopwatch.warm(() -> DocxWriter.write(Composer.compose(of, BlankContent.of(of.guide(), true))), 60);
        OUT.printf(
                Locale.ROOT,
                "%s: specimen of %d pages %.1f ms (%.1f to %.1f), new paper %.1f ms%n",
                of.guide().id(),
                pages,
                specimen.median(),
                specimen.least(),
                specimen.most(),
                paper.median());
    }

    private void measure(int wanted) throws Exception {
        byte[] file = BenchPapers.untidy(wanted);
        Report report = examine(file);
        OUT.printf(
                "%d pages of text (%d as they are brought), %,d words, %d findings, %,d bytes%n",
                wanted,
                report.proof().pages().size(),
                report.paper().words(),
                report.findings().size(),
                file.length);
        Timing floor = Stopwatch.warm(() -> unzipAndParse(file));
        Timing library = Stopwatch.warm(() -> openAndSave(file));
        print("unzip and parse once (floor)", floor, floor, library);
        print("open and save with a library", library, floor, library);
        print("read", Stopwatch.warm(() -> DocxFile.read(file)), floor, library);
        DocxFile read = DocxFile.read(file);
        print("typeset", Stopwatch.warm(() -> LayoutBench.typeset(read.paper())), floor, library);
        print("read, typeset, check", Stopwatch.warm(() -> examine(file)), floor, library);
        print("put right everything", Stopwatch.warm(() -> putRight(file, report)), floor, library);
        print("check and put right everything", Stopwatch.warm(() -> putRight(file, examine(file))), floor, library);
        OUT.printf("  heap that a check with everything kept adds: %d MB%n%n", heapOfCheck(file));
    }

    private Report examine(byte[] file) {
        return Examiner.examine(DocxFile.read(file).paper(), brief, WorkLimits.within(SECONDS));
    }

    /** Puts right what an examination found, as the application does with the one it shows. */
    private static void putRight(byte[] file, Report found) {
        PutRight.run(
                DocxFile.read(file),
                found,
                Corrections.NONE,
                PutRight.Choice.upTo(FixClass.APPARATUS),
                WorkLimits.within(SECONDS));
    }

    private static void unzipAndParse(byte[] file) throws IOException, XMLStreamException {
        WstxInputFactory factory = new WstxInputFactory();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                byte[] content = zip.readAllBytes();
                if (entry.getName().endsWith(".xml") || entry.getName().endsWith(".rels")) {
                    XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(content));
                    while (reader.hasNext()) {
                        reader.next();
                    }
                    reader.close();
                }
            }
        }
    }

    private static void openAndSave(byte[] file) throws IOException {
        try (XWPFDocument document = new XWPFDocument(new ByteArrayInputStream(file))) {
            document.write(new ByteArrayOutputStream());
        }
    }

    /** What a check with everything kept adds to the heap, in MB. */
    private long heapOfCheck(byte[] file) throws InterruptedException {
        long before = heap();
        Report report = examine(file);
        long added = heap() - before;
        // The report is asked once more so that it is still held while the heap is measured.
        return report.findings().isEmpty() ? -added : added;
    }

    private static long heap() throws InterruptedException {
        Runtime runtime = Runtime.getRuntime();
        for (int i = 0; i < 3; i++) {
            System.gc();
            Thread.sleep(50);
        }
        return (runtime.totalMemory() - runtime.freeMemory()) / (1024 * 1024);
    }

    private static void print(String what, Timing timing, Timing floor, Timing library) {
        OUT.printf(
                Locale.ROOT,
                "  %-30s %8.1f  (%.1f to %.1f)  %5.1f x floor  %5.2f x library%n",
                what,
                timing.median(),
                timing.least(),
                timing.most(),
                timing.median() / floor.median(),
                timing.median() / library.median());
    }

    private void measureProcess() throws IOException {
        Path paper = Files.createTempFile("grintel-bench", ".docx");
        Files.write(paper, BenchPapers.untidy(20));
        try {
            Timing timing = Stopwatch.cold(() -> {
                Process process = new ProcessBuilder(
                                root.resolve("grintel").toString(), "check", paper.toString(), "--guide", "mla-9")
                        .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                        .redirectError(ProcessBuilder.Redirect.DISCARD)
                        .start();
                int code = process.waitFor();
                if (code != 1) {
                    throw new IllegalStateException("check ended with " + code);
                }
            });
            OUT.printf(
                    Locale.ROOT,
                    "./grintel check on 20 pages, whole process: %.0f ms (%.0f to %.0f)%n",
                    timing.median(),
                    timing.least(),
                    timing.most());
        } finally {
            Files.deleteIfExists(paper);
        }
    }

    private void measureScript() throws IOException {
        Path assets = root.resolve("web/dist/assets");
        if (!Files.isDirectory(assets)) {
            return;
        }
        long total = 0;
        try (Stream<Path> files = Files.list(assets)) {
            for (Path file :
                    files.filter(each -> each.toString().endsWith(".js")).toList()) {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                try (GZIPOutputStream gzip = new GZIPOutputStream(out)) {
                    gzip.write(Files.readAllBytes(file));
                }
                total += out.size();
            }
        }
        OUT.printf(Locale.ROOT, "script of the web application, gzipped: %d kB%n", total / 1000);
    }
}
