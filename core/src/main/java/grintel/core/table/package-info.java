/** Figures and text made into a table in a guide's form: what came in, what it is, what is computed of it, how it is set. */
@NullMarked
package grintel.core.table;

import org.jspecify.annotations.NullMarked;
