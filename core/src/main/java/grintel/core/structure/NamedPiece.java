package grintel.core.structure;

import grintel.core.paper.TextRange;

/**
 * One of several things that a line of an opening names.
 *
 * @param words as they stand
 * @param range the characters they take
 */
public record NamedPiece(PartKind kind, String words, TextRange range) {}
