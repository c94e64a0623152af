/**
 * What can be asked of a paper, station by station: the id of each rule and the values a guide may give it. Guide files,
 * house rules, the published schema and the table of values all come from these declarations.
 */
@NullMarked
package grintel.core.guide.demand;

import org.jspecify.annotations.NullMarked;
