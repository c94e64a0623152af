/** Rules of the appendices. */
@NullMarked
package grintel.core.rule.appendices;

import org.jspecify.annotations.NullMarked;
