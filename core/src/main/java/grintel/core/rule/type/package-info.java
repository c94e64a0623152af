/** Face, size, colour and emphasis of the text. */
@NullMarked
package grintel.core.rule.type;

import org.jspecify.annotations.NullMarked;
