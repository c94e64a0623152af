package grintel.server.demo;

import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import grintel.server.account.Account;
import grintel.server.account.AccountService;
import grintel.server.paper.PaperService;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Puts the sample papers on the demo account's desk when it has none, so that there is something to put right. */
@Component
@ConditionalOnProperty(name = "grintel.demo", havingValue = "true")
class DemoPapers {
    private final AccountService accounts;
    private final PaperService papers;

    DemoPapers(AccountService accounts, PaperService papers) {
        this.accounts = accounts;
        this.papers = papers;
    }

    @EventListener(ApplicationReadyEvent.class)
    void lay() {
        Account demo = accounts.demo();
        if (papers.hasNone(demo.id())) {
            papers.lay(demo.id(), "fog-bells-study.docx", UntidyStudy.write(), "apa-7-student", "Ekwall", "Fog Bells");
            papers.lay(
                    demo.id(), "lamps-essay.docx", UntidyEssay.write(), "mla-9", "Solvane", "Lamps on the Low Canal");
        }
    }
}
