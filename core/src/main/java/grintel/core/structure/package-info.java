/**
 * Which part of a paper each paragraph is: line of the title page, heading, block quotation, entry. Recognition looks
 * at the words and at the pages as laid out, never at what a guide asks, so that a part is known for what it is even
 * when it is out of form.
 */
@NullMarked
package grintel.core.structure;

import org.jspecify.annotations.NullMarked;
