package grintel.core.rule;

import grintel.core.guide.demand.FixClass;

/**
 * One place at which a reading is off.
 *
 * @param anchor what it is anchored to, stable across proofs of the same paper; unique in its reading
 * @param fix how far a fix of this place goes; {@link FixClass#NONE} where only the writer can put it right
 */
public record Spot(String anchor, Place place, FixClass fix) {}
