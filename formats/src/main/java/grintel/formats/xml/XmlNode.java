package grintel.formats.xml;

/** What an element holds. */
public sealed interface XmlNode permits XmlElement, XmlText, XmlOther {
    /** Writes the node, as it came where nothing in it was changed. */
    void write(StringBuilder out);
}
