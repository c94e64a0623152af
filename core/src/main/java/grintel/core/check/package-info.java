/**
 * A paper examined and put right: all rules asked in order of work, their findings gathered in a report, chosen findings
 * put right until none of them is left. Knows every rule; no rule knows it.
 */
@NullMarked
package grintel.core.check;

import org.jspecify.annotations.NullMarked;
