package grintel.cli;

import grintel.core.check.Report;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.FixClass;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.rule.Wording;
import grintel.core.typeset.PagePart;
import java.util.Locale;
import tools.jackson.core.JsonGenerator;

/** A report as the JSON object of the contract. */
final class ReportJson {
    private ReportJson() {}

    static String of(String file, Report report) {
        return Json.object(json -> {
            json.writeStringProperty("file", file);
            json.writeStringProperty("guide", report.brief().guide().id());
            json.writeNumberProperty("pages", report.proof().pages().size());
            json.writeNumberProperty("words", report.paper().words());
            Json.strings(json, "approximate", report.proof().approximate());
            Json.strings(json, "notMeasured", report.notMeasured());
            json.writeObjectPropertyStart("rules");
            report.verdicts()
                    .forEach((rule, verdict) ->
                            json.writeStringProperty(rule, verdict.status().id()));
            json.writeEndObject();
            json.writeArrayPropertyStart("findings");
            for (Reading finding : report.findings()) {
                writeFinding(json, report, finding);
            }
            json.writeEndArray();
        });
    }

    private static void writeFinding(JsonGenerator json, Report report, Reading finding) {
        json.writeStartObject();
        json.writeStringProperty("rule", finding.rule());
        json.writeStringProperty("weight", report.weight(finding).id());
        json.writeStringProperty("key", finding.key());
        json.writeStringProperty("fix", fix(finding).id());
        json.writeArrayPropertyStart("places");
        for (Place place : finding.places()) {
            json.writeStartObject();
            json.writeStringProperty("part", place.part().name().toLowerCase(Locale.ROOT));
            json.writeNumberProperty("page", place.page());
            json.writeNumberProperty("paragraph", place.part() == PagePart.BOX ? -1 : place.paragraph());
            json.writeStringProperty("quote", place.quote());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeStringProperty("measured", Wording.told(finding.is()));
        json.writeStringProperty("required", Wording.told(finding.asked()));
        json.writeStringProperty("message", Wording.message(finding));
        json.writeStringProperty("source", report.verdict(finding.rule()).ask().source());
        json.writeEndObject();
    }

    /** How far its fix goes; where none is known, how far that of its rule would. */
    private static FixClass fix(Reading finding) {
        FixClass own = finding.fixClass();
        FixClass ofRule = Demands.get(finding.rule()).fix();
        return own == FixClass.NONE && ofRule == FixClass.ASK ? ofRule : own;
    }

    static String error(String file, String sentence) {
        return Json.object(json -> {
            json.writeStringProperty("file", file);
            json.writeStringProperty("error", sentence);
        });
    }
}
