/** What an exported questionnaire brings along, and an appendix made of it. */
@NullMarked
package grintel.core.appendix;

import org.jspecify.annotations.NullMarked;
