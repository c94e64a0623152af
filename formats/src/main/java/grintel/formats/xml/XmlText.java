package grintel.formats.xml;

/** Characters between tags. */
public final class XmlText implements XmlNode {
    private final String source;
    private final int start;
    private int end;
    private String text;
    private boolean changed;

    XmlText(String source, int start, int end, String text) {
        this.source = source;
        this.start = start;
        this.end = end;
        this.text = text;
    }

    /** The characters, references resolved. */
    public String text() {
        return text;
    }

    /** Puts other characters in place of these. */
    void setText(String newText) {
        this.text = newText;
        this.changed = true;
    }

    void extend(int newEnd, String more) {
        end = newEnd;
        text += more;
    }

    @Override
    public void write(StringBuilder out) {
        if (changed) {
            out.append(Escapes.text(text));
        } else {
            out.append(source, start, end);
        }
    }
}
