/** Kills the running application at random under load and looks whether what it acknowledged is there afterwards. */
@NullMarked
package grintel.bench.kill;

import org.jspecify.annotations.NullMarked;
