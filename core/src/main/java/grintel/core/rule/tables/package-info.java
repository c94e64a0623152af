/** Rules of the tables. */
@NullMarked
package grintel.core.rule.tables;

import org.jspecify.annotations.NullMarked;
