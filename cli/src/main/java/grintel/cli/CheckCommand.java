package grintel.cli;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.limit.WorkLimits;
import grintel.formats.docx.DocxFile;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Measures papers and says what is off. */
@Command(name = "check", description = "Measures papers and says what is off.", mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
    /** Seconds one file may take. */
    static final int TIME_LIMIT = 20;

    private final Console console;

    @Mixin
    private BriefOptions options = new BriefOptions();

    @Option(names = "--format", paramLabel = "text|json", description = "How to report: ${COMPLETION-CANDIDATES}.")
    private Format format = Format.text;

    @Parameters(arity = "1..*", paramLabel = "FILE", description = "The papers.")
    private List<String> files = new ArrayList<>();

    CheckCommand(Console console) {
        this.console = console;
    }

    /** How a check is reported; the names are those typed. */
    enum Format {
        text,
        json
    }

    @Override
    public Integer call() {
        Brief brief = options.brief();
        int code = Main.DONE;
        for (String file : files) {
            code = Math.max(code, check(file, brief));
        }
        return code;
    }

    private int check(String file, Brief brief) {
        Report report;
        try {
            byte[] bytes = PaperFiles.read(file);
            WorkLimits limits = WorkLimits.within(TIME_LIMIT);
            report = limits.bound(() -> Examiner.examine(DocxFile.read(bytes).paper(), brief, limits));
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            String sentence = Problems.sentence(e);
            console.error(sentence.startsWith(file) ? sentence : file + ": " + sentence);
            if (format == Format.json) {
                console.print(ReportJson.error(file, sentence));
            }
            return Main.UNUSABLE;
        }
        console.print(format == Format.json ? ReportJson.of(file, report) : ReportText.of(file, report));
        return report.hasRequiredFindings() ? Main.FINDINGS : Main.DONE;
    }
}
