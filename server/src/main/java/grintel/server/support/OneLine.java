package grintel.server.support;

import org.jspecify.annotations.Nullable;

/** Words that somebody typed into a field of one line. */
public final class OneLine {
    private OneLine() {}

    /** The words with single spaces between them, without what no reader sees; empty for none. */
    public static String of(@Nullable String typed) {
        return typed == null ? "" : typed.replaceAll("[\\s\\p{Cntrl}]+", " ").strip();
    }
}
