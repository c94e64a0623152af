/**
 * The paper as immutable values: sections, blocks, inlines, notes, headers, and for every value that decides looks the
 * place it comes from.
 *
 * <p>Lengths are whole twips (1/1440 in) unless a name says otherwise, picture sizes are EMU (1/914 400 in), type sizes
 * are half-points. Nothing here knows a file format, a page or a rule.
 */
@NullMarked
package grintel.core.paper;

import org.jspecify.annotations.NullMarked;
