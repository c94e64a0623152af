package grintel.core.rule.appendices;

import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The labels of the appendices, in order. */
final class AppendixLabels {
    private static final Pattern LABEL = Pattern.compile(
            "(?<word>appendix)(?:\\s+(?<letter>[a-z]))?(?<rest>\\s*[.:–—-].*)?", Pattern.CASE_INSENSITIVE);
    private static final int MOST_LETTERS = 26;

    private final List<Label> all = new ArrayList<>();

    private AppendixLabels() {}

    /**
     * A label.
     *
     * @param letter in capitals, empty for none
     * @param bare whether the line says nothing but the label
     * @param plain whether it can be told what the label says: one with a number, as "Appendix 2", is a scheme of its own
     */
    record Label(Paragraph paragraph, String letter, boolean bare, boolean plain) {}

    static AppendixLabels of(Examination exam) {
        AppendixLabels out = new AppendixLabels();
        for (Paragraph paragraph : exam.parts().paragraphs(PartKind.APPENDIX_LABEL)) {
            Matcher label = LABEL.matcher(paragraph.text().strip());
            boolean plain = label.matches();
            String letter = plain && label.group("letter") != null
                    ? label.group("letter").toUpperCase(Locale.ROOT)
                    : "";
            out.all.add(new Label(paragraph, letter, plain && label.group("rest") == null, plain));
        }
        return out;
    }

    List<Label> all() {
        return all;
    }

    /** What a label should say: the word alone where there is one appendix, else a letter in the order they stand in. */
    String asked(Label label) {
        int at = all.indexOf(label);
        boolean lettered = all.size() > 1 || label.letter().equals("A");
        return lettered && at < MOST_LETTERS ? "Appendix " + (char) ('A' + at) : "Appendix";
    }

    /** Whether all labels are of the one scheme there is to ask for. */
    boolean arePlain() {
        return all.stream().allMatch(Label::plain) && all.size() <= MOST_LETTERS;
    }

    Label of(Paragraph paragraph) {
        return all.stream()
                .filter(label -> label.paragraph().equals(paragraph))
                .findFirst()
                .orElseThrow();
    }
}
