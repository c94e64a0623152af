/**
 * Typesetting: the paper laid out on pages with true font metrics. The result is the {@link
 * grintel.core.typeset.Proof}, on which the screen, the printed page and every rule about looks draw.
 *
 * <p>The stages, each with an immutable result: a paragraph's inlines become {@code Content} (characters with their
 * types), {@code LineComposer} chooses the breaks and places what stands in each line ({@code SetParagraph}), {@code
 * PageBuilder} fills pages with lines and tables. Nothing here depends on what part of a paper a paragraph is, nor on
 * any guide.
 *
 * <p>Positions and sizes are whole millipoints (1/1000 pt, 1/72 000 in); a twip is 50 of them. Inside a line, advance
 * widths are summed exactly and rounded once per position.
 */
@NullMarked
package grintel.core.typeset;

import org.jspecify.annotations.NullMarked;
