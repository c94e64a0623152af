package grintel.formats.docx;

import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The faces a theme gives its names to (ISO 29500-1 §20.1.4.1.18). */
final class ThemeFaces {
    static final ThemeFaces NONE = new ThemeFaces(Map.of());

    private final Map<String, String> faces;

    private ThemeFaces(Map<String, String> faces) {
        this.faces = faces;
    }

    static ThemeFaces read(@Nullable XmlDocument theme) {
        if (theme == null) {
            return NONE;
        }
        Map<String, String> faces = new HashMap<>();
        XmlElement elements = theme.root().child(Ns.A, "themeElements");
        XmlElement scheme = elements == null ? null : elements.child(Ns.A, "fontScheme");
        if (scheme != null) {
            for (String kind : new String[] {"major", "minor"}) {
                XmlElement font = scheme.child(Ns.A, kind + "Font");
                if (font != null) {
                    put(faces, kind + "Ascii", font.child("latin"));
                    put(faces, kind + "HAnsi", font.child("latin"));
                    put(faces, kind + "EastAsia", font.child("ea"));
                    put(faces, kind + "Bidi", font.child("cs"));
                }
            }
        }
        return new ThemeFaces(faces);
    }

    private static void put(Map<String, String> faces, String name, @Nullable XmlElement font) {
        String face = font == null ? null : font.attribute("typeface");
        if (face != null && !face.isBlank()) {
            faces.put(name, face);
        }
    }

    /** The face of a theme's name, or null where the theme leaves it open. */
    @Nullable
    String find(@Nullable String name) {
        return name == null ? null : faces.get(name);
    }
}
