/** Rules of quotations, lists and marks in the text. */
@NullMarked
package grintel.core.rule.text;

import org.jspecify.annotations.NullMarked;
