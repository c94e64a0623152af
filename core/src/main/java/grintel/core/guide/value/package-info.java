/** Values that guides give: their types, how they are read from a file, and how they are told to who writes one. */
@NullMarked
package grintel.core.guide.value;

import org.jspecify.annotations.NullMarked;
