/** Who may ask for what. */
@NullMarked
package grintel.server.security;

import org.jspecify.annotations.NullMarked;
