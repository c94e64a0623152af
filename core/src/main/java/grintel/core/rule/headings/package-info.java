/** Rules of headings. */
@NullMarked
package grintel.core.rule.headings;

import org.jspecify.annotations.NullMarked;
