package grintel.core.guide;

import grintel.core.data.DataNode;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The guides shipped with the application. */
public final class Guides {
    private static final List<Guide> SHIPPED = List.of(read("apa-7-student"), read("mla-9"), read("school-essay"));

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

    private static Guide read(String id) {
        return Guide.read(DataNode.resource(Guides.class, id + ".yaml"));
    }
}
