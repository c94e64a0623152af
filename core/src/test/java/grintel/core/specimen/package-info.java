/** Correct papers in the form of each guide, and faults laid into them. */
@NullMarked
package grintel.core.specimen;

import org.jspecify.annotations.NullMarked;
