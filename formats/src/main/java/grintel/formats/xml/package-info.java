/**
 * XML that can be changed in places and is otherwise written back letter for letter. A {@link
 * grintel.formats.xml.XmlDocument} is parsed once into elements that know where they stand in the source; an element
 * that is not changed is written as its piece of the source, so that unknown mark-up, comments, the order of attributes
 * and the form of quotes survive.
 */
@NullMarked
package grintel.formats.xml;

import org.jspecify.annotations.NullMarked;
