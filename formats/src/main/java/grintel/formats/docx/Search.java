package grintel.formats.docx;

import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Looks for elements anywhere below another. */
final class Search {
    private Search() {}

    /** The first element of this name in document order, or null. */
    static @Nullable XmlElement first(XmlElement from, String namespace, String name) {
        for (XmlElement child : from.elements()) {
            if (child.is(namespace, name)) {
                return child;
            }
            XmlElement below = first(child, namespace, name);
            if (below != null) {
                return below;
            }
        }
        return null;
    }

    /** The first element of a namespace that has an attribute, or null. */
    static @Nullable XmlElement firstWithAttribute(XmlElement from, String namespace, String attribute) {
        for (XmlElement child : from.elements()) {
            if (child.namespace().equals(namespace) && child.attribute(attribute) != null) {
                return child;
            }
            XmlElement below = firstWithAttribute(child, namespace, attribute);
            if (below != null) {
                return below;
            }
        }
        return null;
    }

    /** The highest number that elements of a namespace and name have in an attribute, or 0. */
    static int highest(XmlElement from, String namespace, String name, String attribute) {
        int most = 0;
        for (XmlElement child : from.elements()) {
            Integer own = child.is(namespace, name) ? Values.integer(child.attribute(attribute)) : null;
            most = Math.max(most, Math.max(own == null ? 0 : own, highest(child, namespace, name, attribute)));
        }
        return most;
    }
}
