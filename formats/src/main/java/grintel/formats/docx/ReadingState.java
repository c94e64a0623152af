package grintel.formats.docx;

import grintel.core.paper.Inline;
import grintel.core.paper.Lists;
import grintel.core.paper.PaperResolver;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.StyleSheet;
import grintel.formats.image.ImageHeader;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What is shared, and counted on, while the stories of one file are read. */
final class ReadingState {
    private static final int MOST_ODDITIES = 50;
    private static final int MOST_BOOKMARKS = 20_000;

    final OpcPackage opc;
    final PropertyReader properties;
    final PaperResolver resolver;

    private final Map<String, String> bookmarks = new HashMap<>();
    private final Map<String, Optional<Inline.Picture.Pixels>> images = new HashMap<>();
    private final Set<String> oddities = new LinkedHashSet<>();

    ReadingState(OpcPackage opc, StyleSheet styles, Lists lists, PaperSettings settings, PropertyReader properties) {
        this.opc = opc;
        this.properties = properties;
        this.resolver = new PaperResolver(styles, lists, settings);
    }

    /** Keeps the name of a bookmark whose end tells only its id; whether there is room for it. */
    boolean open(String id, String name) {
        if (bookmarks.size() >= MOST_BOOKMARKS) {
            return false;
        }
        bookmarks.put(id, name);
        return true;
    }

    /** The name of the bookmark of an id, or empty. */
    String bookmark(String id) {
        return bookmarks.getOrDefault(id, "");
    }

    /** How many dots the image of a part has, null where that cannot be told. */
    Inline.Picture.@Nullable Pixels pixels(String target) {
        return images.computeIfAbsent(
                        target,
                        part -> Optional.ofNullable(
                                ImageHeader.pixels(opc.archive().get(part))))
                .orElse(null);
    }

    void odd(String what) {
        if (oddities.size() < MOST_ODDITIES) {
            oddities.add(what);
        }
    }

    List<String> oddities() {
        return List.copyOf(oddities);
    }
}
