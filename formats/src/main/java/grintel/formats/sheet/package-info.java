/** Cells out of files and pages: workbooks, HTML, text in whatever encoding. */
@NullMarked
package grintel.formats.sheet;

import org.jspecify.annotations.NullMarked;
