/** What the bytes of an image tell of it. */
@NullMarked
package grintel.formats.image;

import org.jspecify.annotations.NullMarked;
