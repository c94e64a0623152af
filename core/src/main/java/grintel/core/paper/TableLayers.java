package grintel.core.paper;

import java.util.List;

/** What a table says for the text of one of its cells, layer over layer. */
public record TableLayers(List<Layer> layers) {
    /** Outside tables. */
    public static final TableLayers NONE = new TableLayers(List.of());

    public TableLayers {
        layers = List.copyOf(layers);
    }

    /** What one layer says, and where it is from. */
    public record Layer(Origin origin, PropertySet paragraph, PropertySet character) {}
}
