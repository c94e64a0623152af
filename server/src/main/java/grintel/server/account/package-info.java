/** Accounts and signing in. */
@NullMarked
package grintel.server.account;

import org.jspecify.annotations.NullMarked;
