package grintel.cli;

import grintel.cli.Problems.UsageException;
import grintel.core.check.PutRight;
import grintel.core.edit.WordChange;
import grintel.core.guide.Brief;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.rule.Units;
import grintel.core.rule.Wording;
import grintel.formats.docx.DocxFile;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Puts a paper right and writes it to another file. */
@Command(
        name = "fix",
        description = "Puts a paper right and writes it to another file.",
        mixinStandardHelpOptions = true)
final class FixCommand implements Callable<Integer> {
    private final Console console;

    @Mixin
    private BriefOptions options = new BriefOptions();

    @Option(names = "--only", split = ",", paramLabel = "RULE", description = "Put right only these rules.")
    private List<String> only = new ArrayList<>();

    @Option(names = "--looks-only", description = "Change looks only, no word of headers or labels.")
    private boolean looksOnly;

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "The file to write.")
    private String out = "";

    @Parameters(paramLabel = "FILE", description = "The paper.")
    private String file = "";

    FixCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() {
        Brief brief = options.brief();
        PutRight.Choice chosen = chosen();
        if (PaperFiles.isSame(file, out)) {
            throw new UsageException(out + ": the paper itself is not written over; name another file.");
        }
        byte[] bytes = PaperFiles.read(file);
        PutRight.Result<DocxFile> result;
        try {
            WorkLimits limits = WorkLimits.within(CheckCommand.TIME_LIMIT);
            result = limits.bound(() -> PutRight.run(DocxFile.read(bytes), brief, chosen, limits));
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            throw new UsageException(file + ": " + Problems.sentence(e));
        }
        PaperFiles.write(out, result.done().isEmpty() ? bytes : result.file().bytes());
        report(result);
        return Main.DONE;
    }

    /** What may be put right: looks, and the apparatus unless only looks are asked for. */
    private PutRight.Choice chosen() {
        Set<String> rules = new LinkedHashSet<>();
        for (String rule : only) {
            if (!Demands.has(rule)) {
                throw new UsageException("There is no rule \"" + rule + "\".");
            }
            FixClass fix = Demands.get(rule).fix();
            if (fix == FixClass.ASK || fix == FixClass.NONE) {
                throw new UsageException("Only the writer can put " + rule + " right.");
            }
            rules.add(rule);
        }
        PutRight.Choice allowed = PutRight.Choice.upTo(looksOnly ? FixClass.LOOKS : FixClass.APPARATUS);
        return (finding, spot) -> allowed.takes(finding, spot) && (rules.isEmpty() || rules.contains(finding.rule()));
    }

    private void report(PutRight.Result<DocxFile> result) {
        result.leftOut().forEach((rule, reason) -> console.print(Wording.leftOut(rule, reason.id())));
        if (result.done().isEmpty()) {
            console.print(file + ": nothing to put right; copied to " + out);
            return;
        }
        for (PutRight.Taken taken : result.done()) {
            console.print(Wording.putRight(taken.finding(), result.cameTo(taken), Units.AS_ASKED));
        }
        for (WordChange change : result.words()) {
            console.print("  " + Wording.told(change.where()) + ": \"" + Wording.shown(change.before()) + "\" → \""
                    + Wording.shown(change.after()) + "\"");
        }
        console.print(out + ": written; every "
                + (result.words().isEmpty() ? "word is as it was" : "word but those listed is as it was"));
    }
}
