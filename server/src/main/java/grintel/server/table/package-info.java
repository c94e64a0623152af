/** Tables made of figures that are pasted or brought as a file. */
@NullMarked
package grintel.server.table;

import org.jspecify.annotations.NullMarked;
