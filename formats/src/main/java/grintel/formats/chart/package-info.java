/** Charts drawn by a library, in the manner that papers want. */
@NullMarked
package grintel.formats.chart;

import org.jspecify.annotations.NullMarked;
