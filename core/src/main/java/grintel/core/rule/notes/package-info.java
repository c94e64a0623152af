/** Rules of footnotes and endnotes. */
@NullMarked
package grintel.core.rule.notes;

import org.jspecify.annotations.NullMarked;
