package grintel.core.guide;

import grintel.core.data.DataNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The guides shipped with the application. */
public final class Guides {
    private static final List<String> FILES =
            List.of("mla-9", "apa-7-student", "apa-7-professional", "apa-6", "chicago-notes", "sbl-2", "school-essay");
    private static final List<Guide> SHIPPED = readAll();

    private Guides() {}

    public static List<Guide> all() {
        return SHIPPED;
    }

    /** The guide of an id or of another name it goes by, or null. */
    public static @Nullable Guide find(String name) {
        String asked = name.strip().toLowerCase(Locale.ROOT);
        for (Guide guide : SHIPPED) {
            if (guide.id().equals(asked)
                    || guide.name().toLowerCase(Locale.ROOT).equals(asked)
                    || guide.also().contains(asked)) {
                return guide;
            }
        }
        return null;
    }

    private static List<Guide> readAll() {
        Map<String, Guide> read = new LinkedHashMap<>();
        FILES.forEach(id -> read(id, read));
        return FILES.stream().map(id -> read(id, read)).toList();
    }

    /** A guide, those it extends read before it; what only others extend is none on offer. */
    private static Guide read(String id, Map<String, Guide> read) {
        Guide known = read.get(id);
        if (known != null) {
            return known;
        }
        Guide guide = Guide.read(DataNode.resource(Guides.class, id + ".yaml"), base -> read(base, read));
        read.put(id, guide);
        return guide;
    }
}
