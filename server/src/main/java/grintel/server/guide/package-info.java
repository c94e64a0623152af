/** The guides on offer. */
@NullMarked
package grintel.server.guide;

import org.jspecify.annotations.NullMarked;
