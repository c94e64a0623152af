/** Rules of what stands before the text. */
@NullMarked
package grintel.core.rule.opening;

import org.jspecify.annotations.NullMarked;
