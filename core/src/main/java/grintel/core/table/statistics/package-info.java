/** The statistics that tables report, each refused in words where the numbers do not allow it. */
@NullMarked
package grintel.core.table.statistics;

import org.jspecify.annotations.NullMarked;
