/** Files: read to a paper, mended in place, written anew. One package a format, and what they share. */
@NullMarked
package grintel.formats;

import org.jspecify.annotations.NullMarked;
