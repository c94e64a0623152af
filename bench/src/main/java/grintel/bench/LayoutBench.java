package grintel.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Playwright;
import grintel.bench.Stopwatch.Timing;
import grintel.bench.lines.Chromium;
import grintel.bench.lines.LineComparison;
import grintel.bench.lines.SampleText;
import grintel.core.check.Rules;
import grintel.core.guide.Ask;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.rule.Examination;
import grintel.core.rule.Rule;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import grintel.formats.pdf.PdfDetails;
import grintel.formats.pdf.PdfWriter;
import java.io.IOException;
import java.io.PrintStream;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.xml.sax.SAXException;

/** How fast pages are laid out and written, and how far the lines can be trusted. */
final class LayoutBench {
    private static final int SECONDS = 60;
    /** Seconds each kind of work runs before it is timed. */
    private static final int WARM_UP = 12;
    /** Paragraphs of samples that fill more than 200 pages. */
    private static final int COMPARED = 1400;

    private static final Brief BRIEF =
            Brief.of(Objects.requireNonNull(Guides.find("mla-9")), null, Facts.of("Solvane", ""));

    private LayoutBench() {}

    static void run(PrintStream out) throws IOException, SAXException {
        for (int pages : List.of(20, 300, 3000)) {
            measure(out, pages);
        }
        try (GeneralFormatter formatter = new GeneralFormatter()) {
            for (int pages : List.of(20, 300)) {
                compareFormatters(out, formatter, pages);
            }
        }
        compareLines(out);
    }

    /** Layout, and beside it what is then done with the pages: the parts recognised, every rule asked. */
    private static void measure(PrintStream out, int wanted) {
        Paper paper = DocxFile.read(BenchPapers.plain(wanted)).paper();
        Proof proof = typeset(paper);
        List<Timing> all = Stopwatch.byTurns(
                WARM_UP, () -> typeset(paper), () -> Parts.recognise(paper, proof), () -> judge(paper, proof));
        Timing layout = all.get(0);
        Timing parts = all.get(1);
        double rules = all.get(2).median() - parts.median();
        out.printf(
                Locale.ROOT,
                "layout of %,d pages: %.1f ms (%.1f to %.1f); parts %.1f ms, rules %.1f ms, %.0f %% of it%n",
                proof.pages().size(),
                layout.median(),
                layout.least(),
                layout.most(),
                parts.median(),
                rules,
                100 * rules / layout.median());
    }

    private static void judge(Paper paper, Proof proof) {
        Examination exam = new Examination(paper, proof, Parts.recognise(paper, proof), BRIEF);
        for (Rule rule : Rules.all()) {
            Ask ask = BRIEF.guide().ask(rule.id());
            if (ask.isAsked()) {
                rule.read(exam, ask);
            }
        }
    }

    /** Layout and PDF of the same text in the same face, ours tagged, by us and by a general-purpose formatter. */
    private static void compareFormatters(PrintStream out, GeneralFormatter formatter, int wanted) {
        DocxFile file = DocxFile.read(BenchPapers.plain(wanted));
        String objects = GeneralFormatter.objects(file.paper());
        List<Timing> both = Stopwatch.byTurns(WARM_UP, () -> pdf(file), () -> formatter.format(objects));
        Timing ours = both.get(0);
        Timing theirs = both.get(1);
        out.printf(
                Locale.ROOT,
                "layout and PDF of %d pages: %.0f ms (%.0f to %.0f); a general-purpose formatter %.0f ms (%.0f to %.0f):"
                        + " %.1f times%n",
                typeset(file.paper()).pages().size(),
                ours.median(),
                ours.least(),
                ours.most(),
                theirs.median(),
                theirs.least(),
                theirs.most(),
                theirs.median() / ours.median());
    }

    private static byte[] pdf(DocxFile file) {
        Proof proof = typeset(file.paper());
        Parts parts = Parts.recognise(file.paper(), proof);
        return PdfWriter.write(file, proof, parts, PdfDetails.of(file.paper(), parts, "paper.docx", Instant.EPOCH));
    }

    static Proof typeset(Paper paper) {
        return Typesetter.typeset(paper, WorkLimits.within(SECONDS));
    }

    private static void compareLines(PrintStream out) {
        try (Playwright driver = Chromium.driver();
                Browser browser = Chromium.launch(driver)) {
            LineComparison found = LineComparison.of(new SampleText(1).paragraphs(COMPARED), browser);
            out.printf(
                    Locale.ROOT,
                    "lines compared with Chromium: %,d on %d pages of varied text, %d end elsewhere: %.3f %% agree;"
                            + " %d more at a slash or hyphen the two read otherwise%n",
                    found.lines(),
                    found.pages(),
                    found.differing().size(),
                    100 * found.agreement(),
                    found.readDifferently().size());
        }
    }
}
