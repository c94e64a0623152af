/** The sheet and its margins. */
@NullMarked
package grintel.core.rule.sheet;

import org.jspecify.annotations.NullMarked;
