/** Zip archives from strangers, read within bounds, and written so that what is not changed stays as it was packed. */
@NullMarked
package grintel.formats.archive;

import org.jspecify.annotations.NullMarked;
