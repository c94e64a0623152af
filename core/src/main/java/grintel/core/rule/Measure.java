package grintel.core.rule;

import grintel.core.guide.value.Length;
import java.util.List;
import java.util.Locale;

/**
 * What was measured, or what is asked: data, told in words by {@link Wording} alone. Two are the same to a reader when
 * their canonical forms are, which round as programs do.
 */
public sealed interface Measure {
    /** Lengths this close are the same, in twips: 0.02 in, since programs round. */
    double TOLERANCE = 28.8;

    /** What it is called in keys: stable whatever words or units it is shown in. */
    String canonical();

    /** Whether this, measured, is as asked. */
    default boolean meets(Measure asked) {
        return canonical().equals(asked.canonical());
    }

    /** A length in twips, shown in a unit. */
    record Distance(double twips, Length.Unit unit) implements Measure {
        private static final double STEP = 14.4;

        @Override
        public String canonical() {
            return Math.round(twips / STEP) / 100.0 + "in";
        }

        @Override
        public boolean meets(Measure asked) {
            return asked instanceof Distance other && Math.abs(twips - other.twips) <= TOLERANCE;
        }
    }

    /** A multiple of a line. */
    record Lines(double lines) implements Measure {
        @Override
        public String canonical() {
            return Math.round(lines * 100) / 100.0 + "lines";
        }
    }

    /** A type size in half-points. */
    record Size(int halfPoints) implements Measure {
        @Override
        public String canonical() {
            return halfPoints / 2.0 + "pt";
        }

        @Override
        public boolean meets(Measure asked) {
            return asked instanceof Size && equals(asked) || asked instanceof Between && beyond(asked) == 0;
        }

        /** By how many half-points it is more than asked, or less; 0 where what is asked is no size. */
        int beyond(Measure asked) {
            if (asked instanceof Size size) {
                return halfPoints - size.halfPoints;
            }
            if (asked instanceof Between between
                    && between.least instanceof Size least
                    && between.most instanceof Size most) {
                return Math.min(0, halfPoints - least.halfPoints) + Math.max(0, halfPoints - most.halfPoints);
            }
            return 0;
        }
    }

    /** All from one size or length to another. */
    record Between(Measure least, Measure most) implements Measure {
        @Override
        public String canonical() {
            return least.canonical() + "-" + most.canonical();
        }
    }

    /** A face and a size in half-points. */
    record Type(String face, int halfPoints) implements Measure {
        @Override
        public String canonical() {
            return face.toLowerCase(Locale.ROOT) + " " + halfPoints / 2.0 + "pt";
        }
    }

    /** A sheet as it stands upright. */
    record Sheet(Distance width, Distance height) implements Measure {
        @Override
        public String canonical() {
            return width.canonical() + "x" + height.canonical();
        }

        @Override
        public boolean meets(Measure asked) {
            return asked instanceof Sheet other && width.meets(other.width) && height.meets(other.height);
        }
    }

    /** So many of a thing, whose name is a key of the wording. */
    record Count(int number, String things) implements Measure {
        @Override
        public String canonical() {
            return number + " " + things;
        }
    }

    /** More of a thing than there should be; how many there are is told, and is no part of what the finding is. */
    record Some(int number, String things) implements Measure {
        @Override
        public String canonical() {
            return "some " + things;
        }
    }

    /** A word of the closed list in the wording. */
    record Word(String key) implements Measure {
        @Override
        public String canonical() {
            return key;
        }
    }

    /** A word of the closed list with another measure in it. */
    record Phrase(String key, Measure inner) implements Measure {
        @Override
        public String canonical() {
            return key + ":" + inner.canonical();
        }
    }

    /** A name as the trade writes it: of a face, a colour. */
    record Name(String text) implements Measure {
        @Override
        public String canonical() {
            return text.toLowerCase(Locale.ROOT);
        }
    }

    /** Words as they stand in the paper, or should. */
    record Quote(String words) implements Measure {
        @Override
        public String canonical() {
            return "“" + words + "”";
        }
    }

    /**
     * What a header says.
     *
     * @param reads as it reads on a page, its number with it
     * @param words its words alone
     */
    record Head(String reads, String words) implements Measure {
        @Override
        public String canonical() {
            return "“" + words + "”";
        }
    }

    /** Several, any of which is met. */
    record OneOf(List<Measure> all) implements Measure {
        public OneOf {
            all = List.copyOf(all);
        }

        @Override
        public String canonical() {
            return String.join("|", all.stream().map(Measure::canonical).toList());
        }
    }

    static Distance distance(Length length) {
        return new Distance(length.twips(), length.unit());
    }

    static Distance distance(double twips, Length.Unit unit) {
        return new Distance(twips, unit);
    }

    static Word word(String key) {
        return new Word(key);
    }
}
