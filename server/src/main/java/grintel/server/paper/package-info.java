/** Papers, the steps made on them and their numbered proofs. */
@NullMarked
package grintel.server.paper;

import org.jspecify.annotations.NullMarked;
