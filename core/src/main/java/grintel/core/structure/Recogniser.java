package grintel.core.structure;

/** Tells one kind of thing by what it knows of it, and claims what it finds. Small, and ignorant of all others. */
interface Recogniser {
    void claim(Manuscript manuscript, Zones zones, Claims claims);
}
