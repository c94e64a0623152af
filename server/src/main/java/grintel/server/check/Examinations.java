package grintel.server.check;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grintel.core.check.Examiner;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.limit.WorkLimits;
import grintel.core.structure.Corrections;
import grintel.core.typeset.ProofPage;
import grintel.formats.docx.DocxFile;
import grintel.formats.pdf.PdfDetails;
import grintel.formats.pdf.PdfWriter;
import java.time.Clock;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/** Reads, examines and mends files, and keeps the last examinations in memory, as many as have room. */
@Component
public class Examinations {
    private static final int SECONDS = 20;

    /** About how many bytes a line of a page takes in memory, with its share of the paper; measured on the samples. */
    private static final int BYTES_OF_LINE = 3000;

    private final Cache<Key, Report> reports;
    private final Clock clock;

    /** Keeps as many examinations as a quarter of the memory there is holds. */
    @Autowired
    Examinations(Clock clock) {
        this(clock, Runtime.getRuntime().maxMemory() / 4 / BYTES_OF_LINE);
    }

    /** Keeps examinations of so many lines together. */
    Examinations(Clock clock, long mostLines) {
        this.clock = clock;
        this.reports = Caffeine.newBuilder()
                .executor(Runnable::run)
                .maximumWeight(mostLines)
                .weigher((Key key, Report report) -> (int) Math.min(lines(report), mostLines))
                .build();
    }

    /** What an examination weighs. None is heavier than all there is room for, so that each can be shown. */
    private static long lines(Report report) {
        long lines = 1;
        for (ProofPage page : report.proof().pages()) {
            lines += 1 + page.lines().size();
        }
        return lines;
    }

    /** Reads a file from a stranger. */
    public DocxFile read(byte[] bytes, Progress progress) {
        progress.stage("Reading the file");
        return DocxFile.read(bytes);
    }

    /** Examines a file that was read. */
    public Report examine(DocxFile file, Brief brief, Corrections corrections, Progress progress) {
        progress.stage("Setting and measuring the pages");
        return Examiner.examine(file.paper(), brief, corrections, WorkLimits.currentOr(SECONDS));
    }

    /** The examination of a stored file, if it is in memory. */
    public @Nullable Report known(UUID manuscript, Brief brief, Corrections corrections) {
        return reports.getIfPresent(new Key(manuscript, brief, corrections));
    }

    /** Keeps an examination. */
    public void keep(UUID manuscript, Corrections corrections, Report report) {
        reports.put(new Key(manuscript, report.brief(), corrections), report);
    }

    /** Puts the chosen findings right that the examination of a file made. */
    public PutRight.Result<DocxFile> putRight(
            byte[] bytes, Report before, Corrections corrections, PutRight.Choice chosen, Progress progress) {
        DocxFile file = read(bytes, progress);
        progress.stage("Putting right and measuring again");
        return PutRight.run(file, before, corrections, chosen, WorkLimits.currentOr(SECONDS));
    }

    /** The PDF of a file that is examined. */
    public byte[] pdf(byte[] bytes, Report report, String fileName) {
        return PdfWriter.write(
                DocxFile.read(bytes),
                report.proof(),
                report.parts(),
                PdfDetails.of(report.paper(), report.parts(), fileName, clock.instant()));
    }

    private record Key(UUID manuscript, Brief brief, Corrections corrections) {}
}
