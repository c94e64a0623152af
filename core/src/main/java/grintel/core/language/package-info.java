/** What can be told of English words and of names: how they are filed, which of them are capitalised, how dates go. */
@NullMarked
package grintel.core.language;

import org.jspecify.annotations.NullMarked;
