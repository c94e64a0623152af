package grintel.core.typeset;

import grintel.core.paper.Anchor;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.ListLabel;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Property;
import grintel.core.paper.Story;
import grintel.core.paper.TabPosition;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * Turns the inlines of paragraphs into {@link Content}, choosing a shipped face for every character. What was read last
 * lies in arrays that the next reading uses again.
 */
final class ContentReader {
    private static final int CHOICES = 8;
    /** What stands for a character that no face has. */
    private static final char EMPTY_BOX = '\u25A1';

    private final FaceCatalogue catalogue;
    private final Map<Formatting, Type[]> types = new IdentityHashMap<>();
    private final Map<Type, Type> canonical = new HashMap<>();
    private final Map<Type, Type[]> fallbacks = new IdentityHashMap<>();
    private final Map<String, FaceCatalogue.Choice> faces = new TreeMap<>();
    private final Set<Integer> missing = new TreeSet<>();

    private char[] text = new char[256];
    private char[] shown = new char[256];
    private Type[] typeAt = new Type[256];
    private double[] widths = new double[256];
    private int length;

    ContentReader(FaceCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** The faces asked for so far and what each was set in. */
    Map<String, FaceCatalogue.Choice> faces() {
        return faces;
    }

    /** The characters met so far that no shipped face has. */
    Set<Integer> missing() {
        return missing;
    }

    /** @param positioned gathers where positional tabs take the text after them, by the tab's place */
    Content read(Stacked.Text read, FieldValues fields, Map<Integer, TabPosition> positioned) {
        length = 0;
        Map<Integer, Content.Box> boxes = new HashMap<>();
        Map<Integer, Story> calls = new HashMap<>();
        List<Content.Link> links = new ArrayList<>();
        List<Content.Floating> floats = new ArrayList<>();
        List<Content.Share> shares = new ArrayList<>();
        positioned.clear();
        for (Paragraph member : read.members()) {
            if (read.members().size() > 1) {
                shares.add(new Content.Share(member, length));
            }
            read(member, fields, boxes, calls, links, floats, positioned);
        }
        return new Content(
                length,
                text,
                shown,
                typeAt,
                widths,
                boxes,
                calls,
                links,
                floats,
                shares,
                type(read.paragraph().mark(), CharacterProperties.FACE, false));
    }

    private void read(
            Paragraph paragraph,
            FieldValues fields,
            Map<Integer, Content.Box> boxes,
            Map<Integer, Story> calls,
            List<Content.Link> links,
            List<Content.Floating> floats,
            Map<Integer, TabPosition> positioned) {
        ListLabel label = paragraph.label();
        if (label != null && !label.text().isEmpty()) {
            addText(label.text(), label.format());
            switch (label.suffix()) {
                case "space" -> addText(" ", label.format());
                case "nothing" -> {}
                default -> addControl('\t', label.format());
            }
        }
        for (Inline inline : paragraph.inlines()) {
            if (inline.run().hidden()) {
                continue;
            }
            if (inline instanceof Inline.Text run) {
                int from = length;
                addText(run.text(), run.format());
                if (run.linked()) {
                    links.add(new Content.Link(from, length, run.link()));
                }
            } else if (inline instanceof Inline.Tab tab) {
                if (tab.position() != null) {
                    positioned.put(length, tab.position());
                }
                addControl('\t', inline.format());
            } else if (inline instanceof Inline.Break at) {
                addControl(
                        switch (at.kind()) {
                            case LINE -> Content.LINE_BREAK;
                            case PAGE -> Content.PAGE_BREAK;
                            case COLUMN -> Content.COLUMN_BREAK;
                        },
                        at.format());
            } else if (inline instanceof Inline.Field field) {
                addText(fields.value(field), field.format());
            } else if (inline instanceof Inline.NoteSign sign) {
                if (!sign.inNote()) {
                    calls.put(length, sign.note());
                }
                addText(sign.sign(), sign.format());
            } else if (inline instanceof Inline.Picture picture) {
                addPicture(picture, paragraph.address(), boxes, floats);
            } else if (inline instanceof Inline.TextBox box) {
                floats.add(new Content.Floating(
                        Content.Box.ofText(Millipoints.ofEmu(box.width()), Millipoints.ofEmu(box.height())),
                        box.anchor(),
                        Stacked.of(box.blocks()),
                        false,
                        paragraph.address()));
            } else if (inline instanceof Inline.Ruby ruby) {
                addText(ruby.text(), ruby.format());
            }
        }
    }

    private void addPicture(
            Inline.Picture picture,
            ParagraphAddress owner,
            Map<Integer, Content.Box> boxes,
            List<Content.Floating> floats) {
        Content.Box box = new Content.Box(
                Millipoints.ofEmu(picture.width()),
                Millipoints.ofEmu(picture.height()),
                picture.target(),
                picture.alternative(),
                StandIn.words(picture));
        Anchor anchor = picture.anchor();
        if (anchor == null) {
            boxes.put(length, box);
            add(
                    Paragraph.OBJECT,
                    Paragraph.OBJECT,
                    type(picture.format(), CharacterProperties.FACE, false),
                    box.width());
        } else {
            floats.add(new Content.Floating(box, anchor, List.of(), false, owner));
        }
    }

    private void addControl(char control, Formatting format) {
        add(control, control, type(format, CharacterProperties.FACE, false), 0);
    }

    private void addText(String run, Formatting format) {
        boolean capitals = format.get(CharacterProperties.CAPITALS);
        boolean smallCapitals = !capitals && format.get(CharacterProperties.SMALL_CAPITALS);
        Type[] choices = types.computeIfAbsent(format, key -> new Type[CHOICES]);
        for (int i = 0; i < run.length(); ) {
            int codePoint = run.codePointAt(i);
            int count = Character.charCount(codePoint);
            int set = codePoint;
            boolean small = false;
            if (capitals || smallCapitals) {
                set = Character.toUpperCase(codePoint);
                small = smallCapitals && set != codePoint;
            }
            Type asked = type(choices, format, slot(codePoint), small);
            Type type = withGlyph(asked, set);
            if (type == null) {
                missing.add(codePoint);
                set = EMPTY_BOX;
                type = Objects.requireNonNullElse(withGlyph(asked, set), asked);
            }
            double width = isInvisible(codePoint) ? 0 : type.advance(set);
            if (count == 1 && set < 0x10000) {
                add((char) codePoint, (char) set, type, width);
            } else if (set == EMPTY_BOX) {
                add(run.charAt(i), EMPTY_BOX, type, width);
                add(run.charAt(i + 1), Content.SOFT_HYPHEN, type, 0);
            } else {
                add(run.charAt(i), run.charAt(i), type, width);
                for (int k = 1; k < count; k++) {
                    add(run.charAt(i + k), run.charAt(i + k), type, 0);
                }
            }
            i += count;
        }
    }

    private void add(char written, char set, Type type, double width) {
        if (length == text.length) {
            text = Arrays.copyOf(text, length * 2);
            shown = Arrays.copyOf(shown, length * 2);
            typeAt = Arrays.copyOf(typeAt, length * 2);
            widths = Arrays.copyOf(widths, length * 2);
        }
        text[length] = written;
        shown[length] = set;
        typeAt[length] = type;
        widths[length] = width;
        length++;
    }

    /** Shown only where a line ends at it, or never. */
    private static boolean isInvisible(int codePoint) {
        return codePoint == Content.SOFT_HYPHEN
                || codePoint >= 0x200B && codePoint <= 0x200F
                || codePoint == 0x2060
                || codePoint == 0xFEFF;
    }

    /** The face slot of a character (ISO 29500-1 §17.3.2.26), by its block. */
    private static Property<String> slot(int codePoint) {
        if (codePoint < 0x80) {
            return CharacterProperties.FACE;
        }
        if (codePoint >= 0x0590 && codePoint <= 0x07BF) {
            return CharacterProperties.FACE_COMPLEX;
        }
        if (codePoint >= 0x1100 && codePoint <= 0x11FF
                || codePoint >= 0x2E80 && codePoint <= 0x9FFF
                || codePoint >= 0xAC00 && codePoint <= 0xD7FF
                || codePoint >= 0xF900 && codePoint <= 0xFAFF
                || codePoint >= 0xFF00 && codePoint <= 0xFFEF
                || codePoint >= 0x20000) {
            return CharacterProperties.FACE_EAST_ASIA;
        }
        return CharacterProperties.FACE_HIGH_ANSI;
    }

    private Type type(Formatting format, Property<String> slot, boolean smallCapital) {
        return type(types.computeIfAbsent(format, key -> new Type[CHOICES]), format, slot, smallCapital);
    }

    /** @param choices the types known for this formatting, to which the one asked for is added */
    private Type type(Type[] choices, Formatting format, Property<String> slot, boolean smallCapital) {
        int at = (slot == CharacterProperties.FACE
                                ? 0
                                : slot == CharacterProperties.FACE_HIGH_ANSI
                                        ? 1
                                        : slot == CharacterProperties.FACE_EAST_ASIA ? 2 : 3)
                        * 2
                + (smallCapital ? 1 : 0);
        Type known = choices[at];
        if (known == null) {
            String asked = format.get(slot);
            FaceCatalogue.Choice choice = catalogue.choose(asked);
            faces.put(asked, choice);
            FaceMetrics metrics = catalogue.metrics(
                    choice.family(), format.get(CharacterProperties.BOLD), format.get(CharacterProperties.ITALIC));
            // One object for what is set alike, so that a line is cut into runs only where it changes.
            Type made = Type.of(format, metrics, smallCapital);
            Type same = canonical.putIfAbsent(made, made);
            known = same == null ? made : same;
            choices[at] = known;
        }
        return known;
    }

    /** The same type in the first fallback face that has the character, where its own face has not; null where none has it. */
    private @Nullable Type withGlyph(Type type, int codePoint) {
        if (type.face().has(codePoint) || Character.isISOControl(codePoint) || isInvisible(codePoint)) {
            return type;
        }
        List<String> families = catalogue.fallback();
        Type[] kin = fallbacks.computeIfAbsent(type, key -> new Type[families.size()]);
        for (int i = 0; i < kin.length; i++) {
            Type candidate = kin[i];
            if (candidate == null) {
                String file = type.face().file();
                FaceMetrics face = catalogue.metrics(families.get(i), file.contains("-Bold"), file.endsWith("Italic"));
                candidate = new Type(
                        face,
                        type.size(),
                        type.rise(),
                        type.spacing(),
                        type.scale(),
                        type.colour(),
                        type.underlined(),
                        type.struck(),
                        type.highlighted());
                kin[i] = candidate;
            }
            if (candidate.face().has(codePoint)) {
                return candidate;
            }
        }
        return null;
    }
}
