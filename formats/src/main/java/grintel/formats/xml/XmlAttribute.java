package grintel.formats.xml;

/**
 * An attribute as parsed.
 *
 * @param namespace canonical URI, empty for none
 */
record XmlAttribute(String namespace, String prefix, String name, String value) {}
