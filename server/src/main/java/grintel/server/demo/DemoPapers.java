package grintel.server.demo;

import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyNotes;
import grintel.formats.demo.UntidyStudy;
import grintel.server.account.DemoDesk;
import grintel.server.paper.PaperService;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Puts the sample papers on a visitor's desk, so that there is something to put right. */
@Component
class DemoPapers implements DemoDesk {
    private final PaperService papers;

    DemoPapers(PaperService papers) {
        this.papers = papers;
    }

    @Override
    public void lay(UUID account) {
        papers.lay(account, "hymn-scroll.docx", UntidyNotes.hymns(), "sbl-2", "Maddern", "");
        papers.lay(account, "ferry-tolls.docx", UntidyNotes.tolls(), "chicago-notes", "Orsted", "");
        papers.lay(account, "fog-bells-study.docx", UntidyStudy.write(), "apa-7-student", "Ekwall", "Fog Bells");
        papers.lay(account, "lamps-essay.docx", UntidyEssay.write(), "mla-9", "Solvane", "Lamps on the Low Canal");
    }
}
