/** What made tables and made figures share: caption and notes in a guide's form, and the place in a paper. */
@NullMarked
package grintel.core.made;

import org.jspecify.annotations.NullMarked;
