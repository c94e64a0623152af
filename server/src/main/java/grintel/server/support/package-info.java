/** What several features share. */
@NullMarked
package grintel.server.support;

import org.jspecify.annotations.NullMarked;
