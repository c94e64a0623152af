package grintel.cli;

import grintel.cli.Problems.UsageException;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.HouseRules;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

/** The options that say what a paper is judged by. */
final class BriefOptions {
    @Option(names = "--guide", required = true, paramLabel = "ID", description = "The style guide, such as mla-9.")
    private String guide = "";

    @Option(
            names = "--house-rules",
            paramLabel = "F",
            description = "What the instructor asks beyond the guide (YAML).")
    private @Nullable String houseRules;

    @Option(names = "--facts", paramLabel = "F", description = "The facts of the paper (YAML).")
    private @Nullable String facts;

    /** The brief these options give. */
    Brief brief() {
        Guide found = Guides.find(guide);
        if (found == null) {
            throw new UsageException("There is no guide \"" + guide + "\". There are "
                    + String.join(", ", Guides.all().stream().map(Guide::id).toList()) + ".");
        }
        HouseRules house = houseRules == null ? null : HouseRules.parse(houseRules, PaperFiles.readText(houseRules));
        Facts known = facts == null ? Facts.NONE : Facts.parse(facts, PaperFiles.readText(facts));
        return Brief.of(found, house, known);
    }
}
