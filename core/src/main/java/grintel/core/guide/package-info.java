/**
 * What a paper is judged by: guides as data, house rules laid over them, the facts of the paper; together, the {@link
 * grintel.core.guide.Brief}. A guide knows no paper and no page; it gives values and weights to rules it knows by id
 * only.
 */
@NullMarked
package grintel.core.guide;

import org.jspecify.annotations.NullMarked;
