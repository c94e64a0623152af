/** Mail that goes out; in the demo it is caught and shown. */
@NullMarked
package grintel.server.mail;

import org.jspecify.annotations.NullMarked;
