package grintel.formats.xml;

/** A comment or a processing instruction, carried along as it is. */
record XmlOther(String source, int start, int end) implements XmlNode {
    @Override
    public void write(StringBuilder out) {
        out.append(source, start, end);
    }
}
