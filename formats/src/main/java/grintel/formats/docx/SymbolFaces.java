package grintel.formats.docx;

import java.util.Map;

/** The characters that the private codes of symbol faces stand for, as far as papers use them. */
final class SymbolFaces {
    private static final Map<Integer, Integer> COMMON = Map.ofEntries(
            Map.entry(0xB7, 0x2022),
            Map.entry(0xA7, 0x25AA),
            Map.entry(0x6F, 0x25CB),
            Map.entry(0xD8, 0x27A2),
            Map.entry(0xFC, 0x2713),
            Map.entry(0xA8, 0x25FB),
            Map.entry(0xE0, 0x2192),
            Map.entry(0xDF, 0x2190),
            Map.entry(0xB1, 0x00B1),
            Map.entry(0xB3, 0x2265),
            Map.entry(0xA3, 0x2264),
            Map.entry(0x62, 0x03B2),
            Map.entry(0x61, 0x03B1),
            Map.entry(0x63, 0x03C7),
            Map.entry(0x68, 0x03B7),
            Map.entry(0x73, 0x03C3),
            Map.entry(0x6D, 0x03BC),
            Map.entry(0x44, 0x0394),
            Map.entry(0x53, 0x03A3));

    private SymbolFaces() {}

    /** The Unicode character of a symbol face's code, a bullet for one that is not known. */
    static int unicode(int code) {
        return COMMON.getOrDefault(code, 0x2022);
    }

    /** A list's bullet with private codes turned into Unicode. */
    static String bullet(String text) {
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            out.append(c >= 0xF020 && c <= 0xF0FF ? (char) unicode(c & 0xFF) : c);
        }
        return out.toString();
    }
}
