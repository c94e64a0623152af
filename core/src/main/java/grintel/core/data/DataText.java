package grintel.core.data;

import org.snakeyaml.engine.v2.api.Dump;
import org.snakeyaml.engine.v2.api.DumpSettings;
import org.snakeyaml.engine.v2.common.FlowStyle;

/** Writes plain data (text, numbers, truth values, lists, maps by name) as YAML 1.2. */
public final class DataText {
    private DataText() {}

    /** The document; values stand on lines of their own. */
    public static String write(Object data) {
        DumpSettings settings =
                DumpSettings.builder().setDefaultFlowStyle(FlowStyle.BLOCK).build();
        return new Dump(settings).dumpToString(data);
    }
}
