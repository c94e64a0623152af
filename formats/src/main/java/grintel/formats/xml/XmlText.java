package grintel.formats.xml;

import org.jspecify.annotations.Nullable;

/** Characters between tags. */
public final class XmlText implements XmlNode {
    private final String source;
    private final int start;
    private int end;
    private String text;
    private boolean changed;

    /** The characters while more of them arrive in pieces; null once they were asked for. */
    private @Nullable StringBuilder growing;

    XmlText(String source, int start, int end, String text) {
        this.source = source;
        this.start = start;
        this.end = end;
        this.text = text;
    }

    /** The characters, references resolved. */
    public String text() {
        if (growing != null) {
            text = growing.toString();
            growing = null;
        }
        return text;
    }

    /** Puts other characters in place of these. */
    void setText(String newText) {
        this.growing = null;
        this.text = newText;
        this.changed = true;
    }

    void extend(int newEnd, String more) {
        end = newEnd;
        growing = growing == null ? new StringBuilder(text) : growing;
        growing.append(more);
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
