/**
 * A brief made into a paper: one to write into, one of a writer's own text, and the specimen that shows how pages must
 * look. What is composed says what it says through styles, so that what is typed later comes out right.
 */
@NullMarked
package grintel.core.compose;

import org.jspecify.annotations.NullMarked;
