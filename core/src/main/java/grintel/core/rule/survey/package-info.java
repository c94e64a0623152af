/** What is measured on a page for the eye, and asked by no rule. */
@NullMarked
package grintel.core.rule.survey;

import org.jspecify.annotations.NullMarked;
