/** Lines out of files of whatever kind, their looks left behind. */
@NullMarked
package grintel.formats.text;

import org.jspecify.annotations.NullMarked;
