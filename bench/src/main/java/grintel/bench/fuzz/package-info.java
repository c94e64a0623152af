/** Damages papers at random and looks whether reading, checking and putting right can bear it. */
@NullMarked
package grintel.bench.fuzz;

import org.jspecify.annotations.NullMarked;
