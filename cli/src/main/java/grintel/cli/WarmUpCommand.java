package grintel.cli;

import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.rule.Examiner;
import grintel.core.typeset.LayoutLimits;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.docx.DocxFile;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

/** Checks a sample paper, so that the classes a check needs can be recorded in the class-data archive. */
@Command(name = "warm-up", hidden = true)
final class WarmUpCommand implements Callable<Integer> {
    private final Console console;

    WarmUpCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() {
        for (Guide guide : Guides.all()) {
            DocxFile file = DocxFile.read(UntidyEssay.write());
            String line = ReportJson.of(
                    "sample",
                    Examiner.examine(file.paper(), Brief.of(guide, null, Facts.NONE), LayoutLimits.within(20)));
            console.print(line.substring(0, 40));
        }
        return Main.DONE;
    }
}
