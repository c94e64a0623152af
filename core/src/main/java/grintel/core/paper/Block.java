package grintel.core.paper;

/** What a story is made of: paragraphs and tables. */
public sealed interface Block permits Paragraph, Table {}
