package grintel.core.appendix;

import grintel.core.appendix.Questionnaire.Line;
import grintel.core.appendix.Questionnaire.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What an appendix holds, in order.
 *
 * @param part which part of the materials it is, counted from 0
 * @param material what it is and is called
 * @param evidence by what that was told, as in {@link MaterialKinds.Found}; empty where its writer said it
 * @param title on the line under its label
 * @param usual whether the title is the usual one of its kind, as nothing in the lines names it
 */
public record AppendixContent(
        int part, Material material, String evidence, String title, boolean usual, List<Piece> pieces) {
    public AppendixContent {
        pieces = List.copyOf(pieces);
    }

    /** A thing in an appendix. */
    public sealed interface Piece {}

    /** Words to those who answer, or any other paragraph. */
    public record Text(String words) implements Piece {}

    /** A heading inside the appendix. */
    public record Heading(String words) implements Piece {}

    /**
     * Answers that items share, with their anchors.
     *
     * @param options in order, the first being 1
     */
    public record Scale(List<String> options) implements Piece {
        public Scale {
            options = List.copyOf(options);
        }

        /** As they stand in a line: {@code 1 = never, 2 = always}. */
        String words() {
            StringBuilder out = new StringBuilder();
            for (int i = 0; i < options.size(); i++) {
                out.append(i == 0 ? "" : ", ").append(i + 1).append(" = ").append(options.get(i));
            }
            return out.toString();
        }
    }

    /**
     * An item with its number.
     *
     * @param options answers of its own, none where it shares those above
     */
    public record Item(int number, String words, boolean reversed, boolean open, List<String> options)
            implements Piece {
        public Item {
            options = List.copyOf(options);
        }
    }

    /**
     * A picture with what it shows, which is its title.
     *
     * @param said whether somebody said what it shows
     */
    public record Picture(ExportPicture picture, String shows, boolean said) implements Piece {}

    /** Whether any item is scored in reverse, so that a note has to say what its mark means. */
    public boolean hasReversed() {
        return pieces.stream().anyMatch(piece -> piece instanceof Item item && item.reversed());
    }

    /** The sentence on where it is from, empty for none. */
    public String source() {
        return material.sourceSentence();
    }

    /**
     * The appendices a questionnaire makes, one for each of its parts.
     *
     * @param said what their writer says of parts, by their numbers
     */
    public static List<AppendixContent> of(List<Line> lines, Map<Integer, Material> said) {
        List<AppendixContent> out = new ArrayList<>();
        int parts = lines.stream().mapToInt(Line::part).max().orElse(0);
        for (int part = 0; part <= parts; part++) {
            int own = part;
            List<Line> held = lines.stream()
                    .filter(line -> line.part() == own && line.role() != Role.OUT)
                    .toList();
            if (!held.isEmpty()) {
                MaterialKinds.Found found = MaterialKinds.of(held);
                Material material = said.get(part);
                out.add(part(
                        part,
                        held,
                        material == null ? Material.of(found.kind()) : material,
                        material == null ? found.evidence() : ""));
            }
        }
        return out;
    }

    private static AppendixContent part(int part, List<Line> lines, Material material, String evidence) {
        List<Open> items = new ArrayList<>();
        List<Object> order = new ArrayList<>();
        String named = "";
        for (Line line : lines) {
            Open last = items.isEmpty() ? null : items.get(items.size() - 1);
            boolean inItem = last != null && isLastBesidePictures(order, last);
            switch (line.role()) {
                case OUT -> {}
                case HEADING -> {
                    String own = material.title().strip();
                    boolean isTitle = own.isEmpty() || own.equalsIgnoreCase(line.words());
                    if (isTitle && named.isEmpty() && order.isEmpty()) {
                        named = line.words();
                    } else {
                        order.add(new Heading(line.words()));
                    }
                }
                case INSTRUCTION -> order.add(new Text(line.words()));
                case PICTURE -> {
                    if (line.picture() != null) {
                        order.add(new Picture(line.picture(), line.words(), Questionnaire.isSaid(line.words())));
                    }
                }
                case ITEM -> {
                    Open item = new Open(line.words(), line.reversed());
                    items.add(item);
                    order.add(item);
                }
                case OPTION -> {
                    if (inItem && last != null) {
                        last.options.add(line.words());
                    } else {
                        order.add(new Text(line.words()));
                    }
                }
                case OPEN_ANSWER -> {
                    if (inItem && last != null) {
                        last.open = true;
                    } else {
                        order.add(new Text(line.words()));
                    }
                }
            }
        }
        boolean usual = named.isEmpty() && material.title().isBlank();
        String title = material.named(usual ? MaterialKinds.title(material.kind()) : named);
        return new AppendixContent(part, material, evidence, title, usual, settled(order, items, material.kind()));
    }

    /** Whether only pictures stand after it. */
    private static boolean isLastBesidePictures(List<Object> order, Object item) {
        int at = order.size() - 1;
        while (at >= 0 && order.get(at) instanceof Picture) {
            at--;
        }
        return at >= 0 && order.get(at) == item;
    }

    /**
     * Answers that at least two items in a row share stand once, before the first of them; questions about a person each
     * have their own, even where they are the same.
     */
    private static List<Piece> settled(List<Object> order, List<Open> items, MaterialKind kind) {
        List<Piece> out = new ArrayList<>();
        int number = 0;
        List<String> shared = List.of();
        for (int i = 0; i < order.size(); i++) {
            if (!(order.get(i) instanceof Open item)) {
                out.add((Piece) order.get(i));
                continue;
            }
            int at = items.indexOf(item);
            boolean goesOn = item.options.equals(shared) && !shared.isEmpty();
            boolean begins = !goesOn
                    && kind != MaterialKind.DEMOGRAPHICS
                    && item.options.size() > 1
                    && at + 1 < items.size()
                    && items.get(at + 1).options.equals(item.options);
            if (begins) {
                shared = List.copyOf(item.options);
                out.add(new Scale(shared));
            }
            boolean own = !goesOn && !begins;
            out.add(new Item(++number, item.words, item.reversed, item.open, own ? item.options : List.of()));
            shared = own && !item.options.isEmpty() ? List.of() : shared;
        }
        return out;
    }

    /** An item while its answers are gathered. */
    private static final class Open {
        private final String words;
        private final boolean reversed;
        private final List<String> options = new ArrayList<>();
        private boolean open;

        Open(String words, boolean reversed) {
            this.words = words;
            this.reversed = reversed;
        }
    }
}
