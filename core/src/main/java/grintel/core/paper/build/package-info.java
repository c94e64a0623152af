/**
 * Builds papers piece by piece: those of the demo, new papers, those of tests. Pieces are gathered first and made into
 * paragraphs at the end, when styles and lists are known.
 */
@NullMarked
package grintel.core.paper.build;

import org.jspecify.annotations.NullMarked;
