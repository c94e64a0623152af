/** Figures drawn of numbers: what a chart shows, how it stands in a paper in a guide's form. How it is drawn is another's. */
@NullMarked
package grintel.core.chart;

import org.jspecify.annotations.NullMarked;
