package grintel.server.brief;

import grintel.core.guide.Guide;
import grintel.server.problem.Problem;
import grintel.server.support.Tokens;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The sets of house rules people keep, change, copy, share and take over. */
@Service
public class HouseRulesLibrary {
    private static final int MOST = 200;
    private static final int TOKEN_BYTES = 18;

    private final HouseRuleSetRepository sets;
    private final Clock clock;

    HouseRulesLibrary(HouseRuleSetRepository sets, Clock clock) {
        this.sets = sets;
        this.clock = clock;
    }

    /**
     * What a set of a library says.
     *
     * @throws Problem when there is no such set in this library
     */
    @Transactional(readOnly = true)
    public HouseChoice house(UUID account, UUID id) {
        return find(account, id).house();
    }

    @Transactional(readOnly = true)
    List<HouseRuleSet> all(UUID account) {
        return sets.findByAccountIdOrderByChangedAtDesc(account);
    }

    /** @throws Problem when there is no such set in this library */
    @Transactional(readOnly = true)
    HouseRuleSet find(UUID account, UUID id) {
        return sets.findByIdAndAccountId(id, account).orElseThrow(HouseRulesLibrary::none);
    }

    /** The set a link leads to, whoever's it is. */
    @Transactional(readOnly = true)
    HouseRuleSet shared(String token) {
        return sets.findByShareToken(token).orElseThrow(HouseRulesLibrary::none);
    }

    @Transactional
    HouseRuleSet keep(UUID account, @Nullable String guide, @Nullable HouseChoice house) {
        Guide found = BriefChoice.guide(guide);
        return add(account, new HouseRuleSet(account, found.id(), fitting(found, house), clock.instant()));
    }

    @Transactional
    HouseRuleSet change(UUID account, UUID id, @Nullable String guide, @Nullable HouseChoice house) {
        HouseRuleSet set = find(account, id);
        Guide found = BriefChoice.guide(guide);
        set.change(found.id(), fitting(found, house), clock.instant());
        return set;
    }

    /** A copy of one's own set. */
    @Transactional
    HouseRuleSet copy(UUID account, UUID id) {
        return add(account, find(account, id).copiedTo(account, clock.instant()));
    }

    /** Takes over the set that a link leads to, as a copy. */
    @Transactional
    HouseRuleSet takeOver(UUID account, String token) {
        return add(account, shared(token).copiedTo(account, clock.instant()));
    }

    /** Makes a link, or leaves the one there is. */
    @Transactional
    HouseRuleSet share(UUID account, UUID id) {
        HouseRuleSet set = find(account, id);
        if (set.shareToken() == null) {
            set.share(Tokens.make(TOKEN_BYTES));
        }
        return set;
    }

    /** Lets the link lead nowhere any more. */
    @Transactional
    HouseRuleSet unshare(UUID account, UUID id) {
        HouseRuleSet set = find(account, id);
        set.share(null);
        return set;
    }

    @Transactional
    void delete(UUID account, UUID id) {
        sets.delete(find(account, id));
    }

    private HouseRuleSet add(UUID account, HouseRuleSet set) {
        if (sets.countByAccountId(account) >= MOST) {
            throw Problem.conflict("A library holds at most 200 sets of house rules. Delete one to make room.");
        }
        return sets.save(set);
    }

    private static HouseChoice fitting(Guide guide, @Nullable HouseChoice house) {
        return HouseChoice.of(guide, house == null ? null : house.name(), house == null ? null : house.rules());
    }

    private static Problem none() {
        return Problem.notFound("There are no such house rules, or they are not shared any more.");
    }
}
