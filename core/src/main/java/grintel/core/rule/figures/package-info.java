/** Rules of the figures. */
@NullMarked
package grintel.core.rule.figures;

import org.jspecify.annotations.NullMarked;
