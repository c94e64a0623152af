package grintel.core.rule;

import grintel.core.edit.Edit;
import java.util.List;

/**
 * A measured quantity beside what is asked; one that is off is a finding.
 *
 * @param rule id of the rule
 * @param name which of the rule's quantities it is, the key of its wording
 * @param edits what would put it right; empty where only the writer can
 * @param changes the words those edits would change
 */
public record Reading(
        String rule,
        String name,
        Quantity is,
        Quantity asked,
        boolean off,
        List<Place> places,
        List<Edit> edits,
        List<Change> changes) {
    public Reading {
        places = List.copyOf(places);
        edits = List.copyOf(edits);
        changes = List.copyOf(changes);
    }

    /** A reading that is as asked. */
    public static Reading met(String rule, String name, Quantity is, Quantity asked) {
        return new Reading(rule, name, is, asked, false, List.of(), List.of(), List.of());
    }

    /** A reading that is off. */
    public static Reading off(
            String rule, String name, Quantity is, Quantity asked, List<Place> places, List<Edit> edits) {
        return new Reading(rule, name, is, asked, true, places, edits, List.of());
    }

    /** This reading, declaring the words its edits change. */
    public Reading declaring(Change change) {
        return new Reading(rule, name, is, asked, off, places, edits, List.of(change));
    }
}
