package grintel.core.guide.value;

import grintel.core.data.DataNode;
import java.util.Map;

/**
 * What kind of value it is that a guide gives: how it is read, what is refused, and how that is told to who writes a
 * guide file.
 *
 * @param <T> the value once it is read; immutable and compared by value
 */
public interface ValueType<T> {
    /** @throws grintel.core.data.DataException when it is no such value, with file, line and reason */
    T read(DataNode node);

    /** The value as plain data (text, numbers, truth values, lists, maps by name) that {@link #read} takes again. */
    Object write(T value);

    /** The JSON Schema (draft 2020-12) of how it is written. */
    Map<String, Object> schema();

    /** Kind, unit and range, for the table of values. */
    String told();
}
