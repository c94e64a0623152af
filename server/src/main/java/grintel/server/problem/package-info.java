/** Errors as problem details (RFC 9457). */
@NullMarked
package grintel.server.problem;

import org.jspecify.annotations.NullMarked;
