/** What rules of tables and rules of figures ask alike: numbers, titles, notes, mentions. */
@NullMarked
package grintel.core.rule.objects;

import org.jspecify.annotations.NullMarked;
