/** Bounds on the work done for one paper from a stranger. */
@NullMarked
package grintel.core.limit;

import org.jspecify.annotations.NullMarked;
