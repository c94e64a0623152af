/** Measures speed and size, each figure beside two others taken in the same run on the same file. */
@NullMarked
package grintel.bench;

import org.jspecify.annotations.NullMarked;
