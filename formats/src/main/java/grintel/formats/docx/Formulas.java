package grintel.formats.docx;

import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Reads formulas as characters in the order in which they are read aloud (ISO 29500-1 §22.1). */
final class Formulas {
    private Formulas() {}

    static String text(XmlElement formula) {
        StringBuilder out = new StringBuilder();
        append(formula, out);
        return out.toString();
    }

    private static void append(XmlElement element, StringBuilder out) {
        for (XmlElement child : element.elements()) {
            if (!child.namespace().equals(Ns.M)) {
                if (child.is(Ns.W, "r")) {
                    out.append(child.text());
                }
                continue;
            }
            switch (child.name()) {
                case "t" -> out.append(child.text());
                case "f" -> {
                    group(child.child("num"), out);
                    out.append('/');
                    group(child.child("den"), out);
                }
                case "rad" -> {
                    out.append('√');
                    group(child.child("e"), out);
                }
                case "sSup" -> script(child, "sup", '^', out);
                case "sSub" -> script(child, "sub", '_', out);
                case "sSubSup" -> {
                    script(child, "sub", '_', out);
                    out.append('^');
                    group(child.child("sup"), out);
                }
                case "d" -> delimited(child, out);
                case "nary" -> {
                    out.append(character(child, "naryPr", "chr", "∫"));
                    append(child, out);
                }
                case "acc" -> {
                    append(child, out);
                    out.append(character(child, "accPr", "chr", "\u0302"));
                }
                default -> append(child, out);
            }
        }
    }

    private static void script(XmlElement element, String part, char sign, StringBuilder out) {
        XmlElement base = element.child("e");
        if (base != null) {
            append(base, out);
        }
        out.append(sign);
        group(element.child(part), out);
    }

    /** What is more than a character stands in brackets. */
    private static void group(@Nullable XmlElement part, StringBuilder out) {
        if (part == null) {
            return;
        }
        String inner = text(part);
        boolean single = inner.codePointCount(0, inner.length()) <= 1 || inner.matches("[0-9.]+");
        out.append(single ? inner : "(" + inner + ")");
    }

    private static void delimited(XmlElement element, StringBuilder out) {
        out.append(character(element, "dPr", "begChr", "("));
        boolean first = true;
        for (XmlElement part : element.children("e")) {
            out.append(first ? "" : character(element, "dPr", "sepChr", "|"));
            append(part, out);
            first = false;
        }
        out.append(character(element, "dPr", "endChr", ")"));
    }

    private static String character(XmlElement element, String properties, String name, String otherwise) {
        XmlElement holder = element.child(properties);
        XmlElement said = holder == null ? null : holder.child(name);
        String value = said == null ? null : said.attribute("val");
        return said == null || value == null ? otherwise : value;
    }
}
