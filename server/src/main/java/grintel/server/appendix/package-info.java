/** Appendices made of exported questionnaires and other text. */
@NullMarked
package grintel.server.appendix;

import org.jspecify.annotations.NullMarked;
