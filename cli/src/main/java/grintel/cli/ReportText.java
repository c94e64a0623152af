package grintel.cli;

import grintel.core.check.Report;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.rule.Wording;
import java.util.List;
import java.util.Locale;

/** A report as lines a person can read. */
final class ReportText {
    private ReportText() {}

    static String of(String file, Report report) {
        StringBuilder out = new StringBuilder();
        out.append(String.format(
                Locale.ROOT,
                "%s: %s, %s, %,d words%n",
                file,
                report.brief().guide().name(),
                Wording.counted(report.proof().pages().size(), "page"),
                report.paper().words()));
        if (!report.proof().approximate().isEmpty()) {
            out.append("  set in a stand-in of other widths, so page ends are approximate: ")
                    .append(String.join(", ", report.proof().approximate()))
                    .append(System.lineSeparator());
        }
        List<Reading> findings = report.findings();
        for (Reading finding : findings) {
            out.append(String.format(
                    Locale.ROOT,
                    "  %-9s %-26s %s%s%n",
                    report.weight(finding).id(),
                    finding.rule(),
                    Wording.message(finding),
                    places(finding)));
        }
        if (!report.notMeasured().isEmpty()) {
            out.append("  not measured: ")
                    .append(String.join(", ", report.notMeasured()))
                    .append(System.lineSeparator());
        }
        out.append(findings.isEmpty() ? "  nothing is off" : "  " + findings.size() + " off");
        return out.toString();
    }

    private static String places(Reading finding) {
        if (finding.places().isEmpty()) {
            return "";
        }
        Place first = finding.places().get(0);
        int more = finding.places().size() - 1;
        String quote = first.quote().isEmpty() ? "" : " “" + first.quote() + "”";
        return " (page " + first.page() + quote + (more > 0 ? ", and " + more + " more" : "") + ")";
    }
}
