package grintel.server.guide;

import grintel.core.guide.Ask;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.RunningHeadDemands;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The guides on offer. */
@RestController
class GuideController {
    @GetMapping(path = "/api/guides", produces = "application/json")
    List<GuideView> guides() {
        return Guides.all().stream().map(GuideView::of).toList();
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
