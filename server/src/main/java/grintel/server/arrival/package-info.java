/** How the bodies of requests arrive: off the wire without holding a thread, within bounds of size and time. */
@NullMarked
package grintel.server.arrival;

import org.jspecify.annotations.NullMarked;
