package grintel.server.demo;

import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import grintel.server.account.Account;
import grintel.server.account.AccountService;
import grintel.server.paper.PaperService;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Puts the sample papers on the demo account's desk when it has none, so that there is something to put right. */
@Component
@ConditionalOnProperty(name = "grintel.demo", havingValue = "true")
class DemoPapers {
    /** Held while the desk is laid, so that of several servers one does it. */
    private static final long LOCK = 314_159;

    private final AccountService accounts;
    private final PaperService papers;
    private final JdbcClient database;
    private final TransactionTemplate transaction;

    DemoPapers(AccountService accounts, PaperService papers, JdbcClient database, TransactionTemplate transaction) {
        this.accounts = accounts;
        this.papers = papers;
        this.database = database;
        this.transaction = transaction;
    }

    @EventListener(ApplicationReadyEvent.class)
    void lay() {
        Account demo = accounts.demo();
        transaction.executeWithoutResult(status -> {
            database.sql("select cast(pg_advisory_xact_lock(?) as text)")
                    .param(LOCK)
                    .query(String.class)
                    .single();
            if (papers.hasNone(demo.id())) {
                papers.lay(
                        demo.id(), "fog-bells-study.docx", UntidyStudy.write(), "apa-7-student", "Ekwall", "Fog Bells");
                papers.lay(
                        demo.id(),
                        "lamps-essay.docx",
                        UntidyEssay.write(),
                        "mla-9",
                        "Solvane",
                        "Lamps on the Low Canal");
            }
        });
    }
}
