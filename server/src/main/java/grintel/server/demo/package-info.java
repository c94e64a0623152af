/** The demo account and its papers. */
@NullMarked
package grintel.server.demo;

import org.jspecify.annotations.NullMarked;
