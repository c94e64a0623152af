package grintel.server.check;

/** Told how far a piece of work has come. */
@FunctionalInterface
public interface Progress {
    /** A new stage has begun; the name is a short phrase for the person who waits. */
    void stage(String name);
}
