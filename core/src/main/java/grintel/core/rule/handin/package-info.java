/** Rules of what is looked at last, before a paper is handed in. */
@NullMarked
package grintel.core.rule.handin;

import org.jspecify.annotations.NullMarked;
