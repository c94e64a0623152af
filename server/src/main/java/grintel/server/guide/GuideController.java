package grintel.server.guide;

import grintel.core.guide.Ask;
import grintel.core.guide.CommonDifference;
import grintel.core.guide.Difference;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.Demand;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.value.Value;
import grintel.core.rule.Wording;
import grintel.server.problem.Problem;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** The guides on offer. */
@RestController
class GuideController {
    @GetMapping(path = "/api/guides", produces = "application/json")
    List<GuideView> guides() {
        return Guides.all().stream().map(GuideView::of).toList();
    }

    /** All that a guide asks, rule by rule. */
    @GetMapping(path = "/api/guides/{id}", produces = "application/json")
    GuideAsksView guide(@PathVariable String id) {
        Guide guide = Guides.find(id);
        if (guide == null) {
            throw Problem.notFound("There is no guide of this name.");
        }
        return GuideAsksView.of(guide);
    }

    /** What courses often ask otherwise, in the words in which they say it. */
    @GetMapping(path = "/api/common-differences", produces = "application/json")
    List<CommonDifference> commonDifferences() {
        return CommonDifference.all();
    }

    /** What a guide asks. */
    record GuideAsksView(String id, String name, List<AskView> rules) {
        static GuideAsksView of(Guide guide) {
            return new GuideAsksView(
                    guide.id(),
                    guide.name(),
                    Demands.all().stream()
                            .map(demand -> AskView.of(demand, guide.ask(demand.rule())))
                            .toList());
        }
    }

    /** What is asked of one rule. */
    record AskView(String rule, String station, String title, String weight, List<ValueView> values) {
        static AskView of(Demand demand, Ask ask) {
            return new AskView(
                    demand.rule(),
                    demand.station().id(),
                    Wording.title(demand.rule()),
                    ask.weight().id(),
                    demand.values().stream()
                            .map(value -> ValueView.of(value, ask))
                            .toList());
        }
    }

    /**
     * A value of a rule.
     *
     * @param schema how it is written (JSON Schema)
     * @param given as plain data, missing where the guide says nothing
     * @param told the same in words
     */
    record ValueView(
            String name,
            String about,
            Map<String, Object> schema,

            @Nullable Object given,
            String told) {
        static ValueView of(Value<?> value, Ask ask) {
            Object found = ask.find(value);
            Object written = found == null ? null : value.written(found);
            return new ValueView(
                    value.name(),
                    value.about(),
                    value.type().schema(),
                    written,
                    written == null ? "" : Difference.told(written));
        }
    }

    /**
     * A guide to choose.
     *
     * @param headerWords what its header asks of the facts: surname, short-title or none
     */
    record GuideView(String id, String name, String summary, String headerWords) {
        static GuideView of(Guide guide) {
            Ask ask = guide.ask("running-head.text");
            String words = ask.isAsked() ? ask.get(RunningHeadDemands.CONTENT).id() : "none";
            return new GuideView(guide.id(), guide.name(), guide.summary(), words);
        }
    }
}
