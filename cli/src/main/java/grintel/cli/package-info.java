/** The command line: checks and mends files without a server or a database. */
@NullMarked
package grintel.cli;

import org.jspecify.annotations.NullMarked;
