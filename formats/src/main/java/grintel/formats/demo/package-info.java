/**
 * Sample papers of a made-up college, as untidy as students bring them: every fault is one that writers make. They are
 * generated, so that a fault can be read in the code that makes it.
 */
@NullMarked
package grintel.formats.demo;

import org.jspecify.annotations.NullMarked;
