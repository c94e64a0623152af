package grintel.core.edit;

import java.util.List;

/** A block that is not in the paper yet. */
public sealed interface NewBlock permits NewParagraph, NewTable {
    /** Its paragraphs in order, those in cells included. */
    List<NewParagraph> paragraphs();
}
