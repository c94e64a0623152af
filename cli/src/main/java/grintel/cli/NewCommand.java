package grintel.cli;

import grintel.cli.Problems.UsageException;
import grintel.core.compose.BlankContent;
import grintel.core.compose.Composer;
import grintel.core.guide.Brief;
import grintel.formats.docx.DocxWriter;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** Writes a new paper with every part in place, to write into. */
@Command(
        name = "new",
        description = "Writes a new paper with every part in place, to write into.",
        mixinStandardHelpOptions = true)
final class NewCommand implements Callable<Integer> {
    private final Console console;

    @Mixin
    private BriefOptions options = new BriefOptions();

    @Option(names = "--no-samples", description = "Leave out the sample headings, entries and appendix.")
    private boolean bare;

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "The file to write.")
    private String out = "";

    NewCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() {
        if (!out.toLowerCase(Locale.ROOT).endsWith(".docx")) {
            throw new UsageException(out + ": a new paper is a .docx; let the name end in that.");
        }
        Brief brief = options.brief();
        PaperFiles.write(out, DocxWriter.write(Composer.compose(brief, BlankContent.of(brief.guide(), !bare))));
        console.print(
                out + ": written for " + brief.guide().name() + "; what stands in brackets waits for your own words");
        return Main.DONE;
    }
}
