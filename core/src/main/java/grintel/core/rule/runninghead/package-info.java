/** The header and the page number in it. */
@NullMarked
package grintel.core.rule.runninghead;

import org.jspecify.annotations.NullMarked;
