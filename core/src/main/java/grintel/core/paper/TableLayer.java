package grintel.core.paper;

/** What a table style says for the cells of one condition. */
public record TableLayer(
        PropertySet paragraph, PropertySet character, PropertySet table, PropertySet row, PropertySet cell) {}
