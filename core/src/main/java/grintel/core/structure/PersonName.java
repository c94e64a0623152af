package grintel.core.structure;

/** Someone's name in parts, of which all but the surname may be empty. */
public record PersonName(String given, String middle, String surname) {
    /** As it is said. */
    @Override
    public String toString() {
        return (given + " " + (middle.isEmpty() ? "" : middle + " ") + surname).strip();
    }
}
