package grintel.core.appendix;

/** What a part of a study's materials is. */
public enum MaterialKind {
    /** What people agreed to before they took part. */
    CONSENT,
    /** Questions about who they are. */
    DEMOGRAPHICS,
    /** What they were shown. */
    STIMULI,
    /** Items that are answered on one scale and counted together. */
    SCALE,
    /** What they were told afterwards. */
    DEBRIEFING,
    OTHER;

    /** Whether it is read rather than answered, so that a question in it is a sentence like any other. */
    boolean isRead() {
        return this == CONSENT || this == STIMULI || this == DEBRIEFING;
    }
}
