package grintel.formats.docx;

import grintel.formats.xml.XmlElement;

/** The element of an element's properties, which comes and goes with what they say. */
final class PropertyHolder {
    private PropertyHolder() {}

    /** The properties of this name; made, as the first child, where there are none. */
    static XmlElement of(XmlElement element, String name) {
        XmlElement holder = element.child(name);
        if (holder != null) {
            return holder;
        }
        XmlElement exceptions = name.equals("trPr") ? element.child("tblPrEx") : null;
        XmlElement made = XmlElement.like(element, name);
        return exceptions == null ? element.prepend(made) : element.insertAfter(made, exceptions);
    }

    /** Takes properties out that say nothing. */
    static void dropIfEmpty(XmlElement holder) {
        if (holder.isEmpty()) {
            Unread.takeAway(holder);
        }
    }
}
