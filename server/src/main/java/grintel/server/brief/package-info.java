/** What papers are judged by and made from: guide, facts and house rules; their library, and the specimen. */
@NullMarked
package grintel.server.brief;

import org.jspecify.annotations.NullMarked;
