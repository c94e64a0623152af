package grintel.core.paper;

import java.util.ArrayList;
import java.util.List;

/** Hands out the ordinals of one family's properties, in the order in which they are declared. */
final class PropertyFamily {
    private final Property.Family family;
    private final List<Property<?>> declared = new ArrayList<>();

    PropertyFamily(Property.Family family) {
        this.family = family;
    }

    <T> Property<T> value(String name, Class<T> type, T initial) {
        return declare(name, type, initial, false);
    }

    Property<Boolean> flag(String name, boolean initial) {
        return declare(name, Boolean.class, initial, false);
    }

    Property<Boolean> toggle(String name) {
        return declare(name, Boolean.class, false, true);
    }

    List<Property<?>> all() {
        return List.copyOf(declared);
    }

    private <T> Property<T> declare(String name, Class<T> type, T initial, boolean toggle) {
        Property<T> property = new Property<>(family, declared.size(), name, type, initial, toggle);
        declared.add(property);
        return property;
    }
}
