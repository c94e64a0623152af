package grintel.cli;

import grintel.cli.Problems.UsageException;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

/** Prints the layout of a paper, line by line. */
@Command(name = "lines", description = "Prints the layout of a paper as JSON.", mixinStandardHelpOptions = true)
final class LinesCommand implements Callable<Integer> {
    private final Console console;

    @Parameters(paramLabel = "FILE", description = "The paper.")
    private String file = "";

    LinesCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() {
        byte[] bytes = PaperFiles.read(file);
        try {
            Paper paper = DocxFile.read(bytes).paper();
            console.print(
                    LinesJson.of(file, paper, Typesetter.typeset(paper, WorkLimits.within(CheckCommand.TIME_LIMIT))));
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            throw new UsageException(file + ": " + Problems.sentence(e));
        }
        return Main.DONE;
    }
}
