/** The shipped faces, as the page draws with them. */
@NullMarked
package grintel.server.face;

import org.jspecify.annotations.NullMarked;
