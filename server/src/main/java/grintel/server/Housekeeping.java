package grintel.server;

import grintel.server.account.AccountService;
import grintel.server.paper.PaperService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.TransactionException;

/** Takes away, once a minute, what is kept for a while only. Of several servers any may do it. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
class Housekeeping {
    private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);

    private final AccountService accounts;
    private final PaperService papers;

    Housekeeping(AccountService accounts, PaperService papers) {
        this.accounts = accounts;
        this.papers = papers;
    }

    @Scheduled(initialDelay = 60_000, fixedDelay = 60_000)
    void sweep() {
        try {
            papers.sweep();
            accounts.sweep();
        } catch (DataAccessException | TransactionException e) {
            LOG.warn("Nothing was swept, the database cannot be reached: {}", e.getMessage());
        }
    }
}
