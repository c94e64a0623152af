/** Distances between lines and paragraphs, indents, alignment. */
@NullMarked
package grintel.core.rule.spacing;

import org.jspecify.annotations.NullMarked;
