/** Reading and examining files off the request thread, with progress. */
@NullMarked
package grintel.server.check;

import org.jspecify.annotations.NullMarked;
