package grintel.formats.docx;

import grintel.formats.xml.XmlElement;

/** Replaces white space in the characters of a run. */
final class SpaceEditor {
    private static final String XML = "http://www.w3.org/XML/1998/namespace";

    private SpaceEditor() {}

    /**
     * Replaces the characters between two offsets, counted as {@link RunReader} counts them.
     *
     * @throws IllegalArgumentException when anything but white space would go
     */
    static void replace(XmlElement run, int from, int to, String replacement) {
        int offset = 0;
        String pending = replacement;
        for (XmlElement child : run.elements()) {
            String characters = RunReader.characters(child);
            if (characters == null) {
                continue;
            }
            int first = Math.max(from, offset) - offset;
            int last = Math.min(to, offset + characters.length()) - offset;
            if (first < last) {
                requireBlank(characters.substring(first, last));
                if (child.is(Ns.W, "t")) {
                    setText(child, characters.substring(0, first) + pending + characters.substring(last));
                    pending = "";
                } else {
                    child.remove();
                }
            }
            offset += characters.length();
        }
    }

    private static void requireBlank(String characters) {
        for (int i = 0; i < characters.length(); i++) {
            char c = characters.charAt(i);
            if (!Character.isWhitespace(c) && !Character.isSpaceChar(c)) {
                throw new IllegalArgumentException("Only white space may be replaced, not \"" + characters + "\"");
            }
        }
    }

    private static void setText(XmlElement element, String text) {
        if (text.isEmpty()) {
            element.remove();
            return;
        }
        element.setText(text);
        element.setAttribute(XML, "xml", "space", "preserve");
    }
}
