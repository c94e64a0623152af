package grintel.formats.docx;

import java.util.HashMap;
import java.util.Map;

/** Namespaces of the format. Those of the strict form are read as their transitional kin (ISO 29500-4, annex A). */
final class Ns {
    static final String W = "http://schemas.openxmlformats.org/wordprocessingml/2006/main";
    static final String R = "http://schemas.openxmlformats.org/officeDocument/2006/relationships";
    static final String WP = "http://schemas.openxmlformats.org/drawingml/2006/wordprocessingDrawing";
    static final String A = "http://schemas.openxmlformats.org/drawingml/2006/main";
    static final String PIC = "http://schemas.openxmlformats.org/drawingml/2006/picture";
    static final String M = "http://schemas.openxmlformats.org/officeDocument/2006/math";
    static final String MC = "http://schemas.openxmlformats.org/markup-compatibility/2006";
    static final String V = "urn:schemas-microsoft-com:vml";
    static final String RELATIONSHIPS = "http://schemas.openxmlformats.org/package/2006/relationships";
    static final String CONTENT_TYPES = "http://schemas.openxmlformats.org/package/2006/content-types";
    static final String DC = "http://purl.org/dc/elements/1.1/";

    static final String STRICT = "http://purl.oclc.org/ooxml/";

    /** What strict namespaces are read as. */
    static final Map<String, String> CANONICAL = canonical();

    private Ns() {}

    private static Map<String, String> canonical() {
        Map<String, String> map = new HashMap<>();
        map.put(STRICT + "wordprocessingml/main", W);
        map.put(STRICT + "officeDocument/relationships", R);
        map.put(STRICT + "drawingml/wordprocessingDrawing", WP);
        map.put(STRICT + "drawingml/main", A);
        map.put(STRICT + "drawingml/picture", PIC);
        map.put(STRICT + "officeDocument/math", M);
        return map;
    }
}
