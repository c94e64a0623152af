/** Whether the server can do its work, told to who watches over it. */
@NullMarked
package grintel.server.health;

import org.jspecify.annotations.NullMarked;
