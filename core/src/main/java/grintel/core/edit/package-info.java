/**
 * Edits as values, and where to make them: at the style or the default a wrong value comes from, in the text itself
 * only where that is the cause. Applying edits to a file is the business of the formats; that no word is lost by it is
 * proved here.
 */
@NullMarked
package grintel.core.edit;

import org.jspecify.annotations.NullMarked;
