/**
 * Rules and what they find. A rule is a pure function of an {@link grintel.core.rule.Examination}: it reads no file,
 * changes nothing, and answers with readings, each with the edits that would put it right. One class a rule, in a
 * package per station; {@link grintel.core.rule.Rules} lists them all. Wording stands in {@code wording.yaml}.
 */
@NullMarked
package grintel.core.rule;

import org.jspecify.annotations.NullMarked;
