/** Pages as the web application draws them: lines and pictures, and the distances measured on them. */
@NullMarked
package grintel.server.page;

import org.jspecify.annotations.NullMarked;
