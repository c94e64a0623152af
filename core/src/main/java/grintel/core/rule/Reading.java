package grintel.core.rule;

import grintel.core.guide.demand.FixClass;
import java.util.List;
import java.util.function.Function;

/**
 * A measured quantity beside what is asked; one that is off is a finding. A finding is put right at one place, at some,
 * or at all of them: the fix is worked out when it is asked for.
 */
public final class Reading {
    private final String rule;
    private final String quantity;
    private final Measure is;
    private final Measure asked;
    private final String anchor;
    private final List<Spot> spots;
    private final Function<List<Spot>, Fix> mender;

    private Reading(
            String rule,
            String quantity,
            Measure is,
            Measure asked,
            String anchor,
            List<Spot> spots,
            Function<List<Spot>, Fix> mender) {
        this.rule = rule;
        this.quantity = quantity;
        this.is = is;
        this.asked = asked;
        this.anchor = anchor;
        this.spots = List.copyOf(spots);
        this.mender = mender;
    }

    /** A reading that is as asked. */
    public static Reading met(String rule, String quantity, Measure is, Measure asked) {
        return new Reading(rule, quantity, is, asked, "", List.of(), chosen -> Fix.NOTHING);
    }

    /**
     * A reading that is off.
     *
     * @param anchor what tells it from others of the same quantity and value; empty where one such value is one finding
     * @param spots where it is off, at least one
     * @param mender what puts some of them right
     */
    static Reading off(
            String rule,
            String quantity,
            Measure is,
            Measure asked,
            String anchor,
            List<Spot> spots,
            Function<List<Spot>, Fix> mender) {
        if (spots.isEmpty()) {
            throw new IllegalArgumentException("What is off is off somewhere: " + rule);
        }
        return new Reading(rule, quantity, is, asked, anchor, spots, mender);
    }

    public String rule() {
        return rule;
    }

    /** Which of the rule's quantities it is, the key of its wording. */
    public String quantity() {
        return quantity;
    }

    /** What was measured. */
    public Measure is() {
        return is;
    }

    public Measure asked() {
        return asked;
    }

    public boolean off() {
        return !spots.isEmpty();
    }

    public List<Spot> spots() {
        return spots;
    }

    /** Where it is off; none where it is met. */
    public List<Place> places() {
        return spots.stream().map(Spot::place).toList();
    }

    /**
     * Names it in a paper: rule, quantity, value, and what it is anchored to. Unique in a report; the same in every
     * proof of a paper in which it is off, whatever words and units it is told in.
     */
    public String key() {
        return rule + "/" + quantity + "/" + is.canonical() + (anchor.isEmpty() ? "" : "/" + anchor);
    }

    /** How far its fix goes at the places where one is known; {@link FixClass#NONE} where none is at any. */
    public FixClass fixClass() {
        FixClass furthest = FixClass.NONE;
        for (Spot spot : spots) {
            if (spot.fix() != FixClass.NONE
                    && (furthest == FixClass.NONE || spot.fix().compareTo(furthest) > 0)) {
                furthest = spot.fix();
            }
        }
        return furthest;
    }

    /** What puts it right wherever a fix is known. */
    public Fix fix() {
        return fix(spots);
    }

    /** What puts some of its places right; nothing where only the writer can. */
    public Fix fix(List<Spot> chosen) {
        List<Spot> mendable =
                chosen.stream().filter(spot -> spot.fix() != FixClass.NONE).toList();
        return mendable.isEmpty() ? Fix.NOTHING : mender.apply(mendable);
    }

    @Override
    public String toString() {
        return key() + " → " + asked.canonical() + " at " + spots;
    }
}
