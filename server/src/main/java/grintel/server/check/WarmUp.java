package grintel.server.check;

import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.rule.Reading;
import grintel.core.structure.Corrections;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyNotes;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxFile;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Checks and mends the sample papers some times over once the server answers, so that the first writer's paper meets
 * compiled code: put right one took twice as long in the first minute as later.
 */
@Component
@ConditionalOnProperty("grintel.warm-up")
class WarmUp {
    private static final Logger LOG = LoggerFactory.getLogger(WarmUp.class);
    private static final int ROUNDS = 25;
    private static final int MOST_SECONDS = 20;

    private final Examinations examinations;

    WarmUp(Examinations examinations) {
        this.examinations = examinations;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread thread = new Thread(() -> WorkLimits.within(MOST_SECONDS).bound(this::rounds), "warm-up");
        thread.setDaemon(true);
        thread.start();
    }

    /** How many were made. */
    private int rounds() {
        Map<String, byte[]> papers = Map.of(
                "mla-9", UntidyEssay.write(),
                "apa-7-student", UntidyStudy.write(),
                "chicago-notes", UntidyNotes.tolls());
        int made = 0;
        try {
            for (; made < ROUNDS; made++) {
                papers.forEach(this::round);
            }
        } catch (RuntimeException e) {
            LOG.info("Warming up ended early: {}", e.getMessage());
        }
        return made;
    }

    private void round(String id, byte[] bytes) {
        Guide guide = Guides.find(id);
        if (guide == null) {
            throw new IllegalStateException("There is no guide " + id);
        }
        Brief brief = Brief.of(guide, null, Facts.of("Solvane", "Lamps"));
        DocxFile file = examinations.read(bytes, stage -> {});
        Report report = examinations.examine(file, brief, Corrections.NONE, stage -> {});
        Reading one = report.findings().get(0);
        PutRight.Choice choice = (reading, spot) -> reading.key().equals(one.key());
        examinations.putRight(bytes, report, Corrections.NONE, choice, stage -> {});
    }
}
