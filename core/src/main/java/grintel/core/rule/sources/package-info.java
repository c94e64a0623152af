/** Rules of the list of sources. */
@NullMarked
package grintel.core.rule.sources;

import org.jspecify.annotations.NullMarked;
