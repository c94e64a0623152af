/** Compares where our lines break with where Chromium breaks them. */
@NullMarked
package grintel.bench.lines;

import org.jspecify.annotations.NullMarked;
