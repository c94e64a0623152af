package grintel.server.check;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import grintel.core.check.Examiner;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.typeset.LayoutLimits;
import grintel.formats.docx.DocxFile;
import grintel.formats.pdf.PdfDetails;
import grintel.formats.pdf.PdfWriter;
import java.time.Clock;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reads, examines and mends files, and keeps the last few examinations. */
@Component
public class Examinations {
    private static final int SECONDS = 20;
    private static final int KEPT = 40;

    private final Cache<Key, Report> reports =
            Caffeine.newBuilder().maximumSize(KEPT).build();
    private final Clock clock;

    Examinations(Clock clock) {
        this.clock = clock;
    }

    /** Reads a file from a stranger. */
    public DocxFile read(byte[] bytes, Progress progress) {
        progress.stage("Reading the file");
        return DocxFile.read(bytes);
    }

    /** Examines a file that is not stored. */
    public Report examine(DocxFile file, Brief brief, Progress progress) {
        progress.stage("Setting and measuring the pages");
        return Examiner.examine(file.paper(), brief, LayoutLimits.within(SECONDS));
    }

    /** The examination of a stored file; made when it is first asked for. */
    public Report of(UUID manuscript, byte[] bytes, Brief brief) {
        return reports.get(new Key(manuscript, brief), key -> examine(read(bytes, stage -> {}), brief, stage -> {}));
    }

    /** Keeps an examination that is at hand already. */
    public void keep(UUID manuscript, Report report) {
        reports.put(new Key(manuscript, report.brief()), report);
    }

    /** Puts the chosen findings of a file right. */
    public PutRight.Result<DocxFile> putRight(byte[] bytes, Brief brief, PutRight.Choice chosen, Progress progress) {
        DocxFile file = read(bytes, progress);
        progress.stage("Putting right and measuring again");
        return PutRight.run(file, brief, chosen, LayoutLimits.within(SECONDS));
    }

    /** The PDF of a file that is examined. */
    public byte[] pdf(byte[] bytes, Report report, String fileName) {
        return PdfWriter.write(
                DocxFile.read(bytes),
                report.proof(),
                report.parts(),
                PdfDetails.of(report.paper(), report.parts(), fileName, clock.instant()));
    }

    private record Key(UUID manuscript, Brief brief) {}
}
