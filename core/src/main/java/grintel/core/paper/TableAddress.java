package grintel.core.paper;

/**
 * Which table is meant.
 *
 * @param index counted from 0 in the order in which tables begin in the story, those inside tables included
 */
public record TableAddress(Story story, int index) {}
