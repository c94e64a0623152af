package grintel.bench.lines;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/**
 * Makes paragraphs as papers have them: prose with names, quotations, citations, numbers, dashes, foreign words,
 * addresses and emphasis, in the faces and sizes guides ask for. The same seed gives the same text.
 */
public final class SampleText {
    private static final String[] WORDS =
            ("the of and to a in that is was for it with as his on be at by had not are but"
                            + " from or have an they which one were all their there when who will more no if out so said what up its"
                            + " about into than them can only other new some could time these two may then do first any my now such"
                            + " like our over man me even most made after also did many before must through years where much your way"
                            + " well down should because each just those people how too little state good very make world still own"
                            + " see men work long get here between both life being under never day same another know while last might"
                            + " great old year off come since against go came right used take three harbour estuary mudflat keepers"
                            + " curlew redshank tide lantern ledger ferry crossing tollhouse manuscript hymn scroll commentary"
                            + " translation interpretation acknowledgement responsibilities characteristically institutionalisation"
                            + " counterrevolutionary incomprehensibility questionnaire methodology significance hypothesis variance")
                    .split(" ", -1);
    private static final String[] NAMES = {
        "Marit Solvane", "Tobias Ekwall", "Dr. Ilse Tamberg", "Brackwater College", "Arden Crossing", "J. R. Haldorsen"
    };
    private static final String[] FOREIGN = {
        "naïve", "façade", "Überlieferung", "mañana", "cœur", "Ærø", "Łódź", "Žižkov", "résumé", "Ångström"
    };
    private static final String[][] FACES = {
        {"Times New Roman", "LiberationSerif"},
        {"Arial", "LiberationSans"},
        {"Courier New", "LiberationMono"},
        {"Calibri", "Carlito"},
        {"Cambria", "Caladea"},
        {"Computer Modern", "CmuSerif"}
    };
    private static final double[] SIZES = {10, 10.5, 11, 12, 12, 12, 13, 14};
    private static final int[] WIDTHS = {468, 468, 432, 453, 396, 360, 216};

    private final Random random;

    public SampleText(long seed) {
        this.random = new Random(seed);
    }

    /** The next so many paragraphs. */
    public List<Sample> paragraphs(int count) {
        List<Sample> out = new ArrayList<>(count);
        for (int i = 0; i < count; i++) {
            out.add(paragraph());
        }
        return out;
    }

    private Sample paragraph() {
        String[] face = pick(FACES);
        List<Sample.Run> runs = new ArrayList<>();
        StringBuilder text = new StringBuilder();
        int sentences = 2 + random.nextInt(7);
        for (int i = 0; i < sentences; i++) {
            text.append(i == 0 ? "" : random.nextInt(12) == 0 ? "  " : " ").append(sentence());
            if (random.nextInt(4) == 0) {
                runs.add(new Sample.Run(text + " ", false, false));
                text.setLength(0);
                runs.add(new Sample.Run(words(1 + random.nextInt(5)), random.nextInt(4) == 0, true));
                text.append(random.nextBoolean() ? "," : "")
                        .append(' ')
                        .append(words(2))
                        .append('.');
            }
        }
        runs.add(new Sample.Run(text.toString(), false, false));
        return new Sample(
                runs,
                face[0],
                face[1],
                SIZES[random.nextInt(SIZES.length)],
                WIDTHS[random.nextInt(WIDTHS.length)],
                random.nextBoolean() ? 36 : 0);
    }

    private String sentence() {
        StringBuilder out = new StringBuilder(capital(words(3 + random.nextInt(9))));
        for (int i = random.nextInt(4); i > 0; i--) {
            out.append(piece());
        }
        out.append(' ').append(words(1 + random.nextInt(6)));
        return out.append(random.nextInt(9) == 0 ? citation() : "")
                .append(pick(new String[] {".", ".", ".", ".", "?", "!", ".”", "."}))
                .toString();
    }

    private String piece() {
        return switch (random.nextInt(21)) {
            case 0 -> ", " + words(3);
            case 1 -> "; " + words(3);
            case 2 -> " (" + words(3) + ")";
            case 3 -> " “" + words(4) + ",” " + words(1);
            case 4 -> "—" + words(3) + "—" + words(1);
            case 5 -> " " + pick(NAMES) + "’s " + words(2);
            case 6 -> " " + (1900 + random.nextInt(120)) + " " + words(1);
            case 7 -> " p.\u00A0" + random.nextInt(300) + ", n.\u00A0" + random.nextInt(40) + " " + words(1);
            case 8 -> " " + random.nextInt(100) + "% of " + words(2);
            case 9 -> " self-" + words(1) + " and well-" + words(1);
            case 10 -> " " + pick(FOREIGN) + " " + words(2);
            case 11 -> " " + random.nextInt(30) + " pages";
            case 12 -> " inter\u00ADnation\u00ADali\u00ADsation " + words(1);
            case 14 -> " ‘" + words(2) + "’ " + words(1);
            case 15 -> " " + random.nextInt(200) + "–" + random.nextInt(400) + " " + words(1);
            case 16 -> " and/or " + words(1) + " . . . " + words(1);
            case 17 -> " https://archive.example/harbour/bells?year=" + random.nextInt(2000) + "&page=2 " + words(1);
            case 18 -> " " + words(1) + "…" + words(1) + " pp. " + random.nextInt(90) + "-" + random.nextInt(99);
            case 19 -> " $" + random.nextInt(900) + ".50 no. " + random.nextInt(9) + " § " + random.nextInt(20);
            case 13 -> " " + random.nextInt(9) + "." + random.nextInt(99) + " " + words(2);
            default -> ": " + words(3);
        };
    }

    private String citation() {
        return switch (random.nextInt(3)) {
            case 0 -> " (" + pick(NAMES).split(" ", -1)[1] + " " + random.nextInt(300) + ")";
            case 1 -> " (" + pick(NAMES).split(" ", -1)[1] + ", 20" + (10 + random.nextInt(16)) + ")";
            default -> " [" + random.nextInt(40) + "]";
        };
    }

    private String words(int count) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < count; i++) {
            out.append(i == 0 ? "" : " ").append(pick(WORDS));
        }
        return out.toString();
    }

    private static String capital(String text) {
        return Character.toUpperCase(text.charAt(0)) + text.substring(1);
    }

    private <T> T pick(T[] from) {
        return from[random.nextInt(from.length)];
    }
}
