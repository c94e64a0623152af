package grintel.core.paper;

/** What a story is made of: paragraphs, tables, and text of other files. */
public sealed interface Block permits Paragraph, Table, EmbeddedText {}
