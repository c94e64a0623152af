/** What tests see, held to what was read and approved. */
@NullMarked
package grintel.core.approved;

import org.jspecify.annotations.NullMarked;
