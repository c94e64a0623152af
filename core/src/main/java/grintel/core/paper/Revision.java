package grintel.core.paper;

/** How a run or a paragraph mark takes part in tracked changes (ISO 29500-1 §17.13.5). */
public enum Revision {
    /** In none. */
    NONE,
    /** Inserted, and read as accepted. */
    INSERTED,
    /** Deleted, and left out of what is read. */
    DELETED
}
