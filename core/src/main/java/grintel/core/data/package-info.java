/** Reads the open data files of the application and of its users: YAML 1.2 with errors that name the place. */
@NullMarked
package grintel.core.data;

import org.jspecify.annotations.NullMarked;
