/** Heavy work off the request thread: asked for, shared out fairly between accounts, told of, stopped. */
@NullMarked
package grintel.server.work;

import org.jspecify.annotations.NullMarked;
