package grintel.cli;

import grintel.core.check.Examiner;
import grintel.core.compose.BlankContent;
import grintel.core.compose.Composer;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import grintel.formats.pdf.PdfDetails;
import grintel.formats.pdf.PdfWriter;
import java.time.Instant;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

/** Checks and converts a sample paper and composes a new one, so that the classes needed can be recorded in the class-data archive. */
@Command(name = "warm-up", hidden = true)
final class WarmUpCommand implements Callable<Integer> {
    private final Console console;

    WarmUpCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() {
        DocxFile file = DocxFile.read(UntidyEssay.write());
        for (Guide guide : Guides.all()) {
            String line = ReportJson.of(
                    "sample", Examiner.examine(file.paper(), Brief.of(guide, null, Facts.NONE), WorkLimits.within(20)));
            console.print(line.substring(0, 40));
        }
        Proof proof = Typesetter.typeset(file.paper(), WorkLimits.within(20));
        Parts parts = Parts.recognise(file.paper(), proof);
        byte[] pdf =
                PdfWriter.write(file, proof, parts, PdfDetails.of(file.paper(), parts, "sample.docx", Instant.EPOCH));
        Brief brief = Brief.of(Guides.all().get(0), null, Facts.NONE);
        byte[] fresh = DocxWriter.write(Composer.compose(brief, BlankContent.of(brief.guide(), true)));
        console.print(pdf.length + fresh.length + " bytes");
        return Main.DONE;
    }
}
