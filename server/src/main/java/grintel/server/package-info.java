/** The server: accounts, papers and their proofs over REST. One package a feature; nothing here measures or mends a paper itself. */
@NullMarked
package grintel.server;

import org.jspecify.annotations.NullMarked;
