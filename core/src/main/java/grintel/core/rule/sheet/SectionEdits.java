package grintel.core.rule.sheet;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.paper.Property;
import grintel.core.paper.Section;
import java.util.List;
import java.util.function.BiFunction;

/** Edits of sections, which have no cause but themselves. */
final class SectionEdits {
    private SectionEdits() {}

    /** Gives each section a value. */
    static <T> BiFunction<List<Section>, Cause, List<Edit>> set(Property<T> property, T value) {
        return (sections, cause) -> sections.stream()
                .<Edit>map(section -> new Edit.SetProperty(new Target.OfSection(section.index()), property, value))
                .toList();
    }
}
