package grintel.core.rule;

/** A change to words of the paper's apparatus that the writer is shown before it is made. */
public record Change(String before, String after) {}
