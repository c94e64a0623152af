/** Writes a proof as a PDF that is tagged (PDF/UA-1) and can be archived (PDF/A-2u). */
@NullMarked
package grintel.formats.pdf;

import org.jspecify.annotations.NullMarked;
