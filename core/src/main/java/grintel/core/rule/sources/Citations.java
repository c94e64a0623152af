package grintel.core.rule.sources;

import grintel.core.language.Letters;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.structure.Part;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The citations in the text, taken apart: whom each names, and the year where it gives one. */
final class Citations {
    private static final String WORD = "\\p{Lu}[\\p{L}’'-]+";
    private static final String NAME =
            "(?:\\p{Ll}{1,4} )?" + WORD + "(?: (?:of|for|the|on|de|and the) " + WORD + "| " + WORD + ")*";
    private static final Pattern DATED = Pattern.compile(
            "(" + NAME + ")(?:(?:,? (?:and|&) |, )" + NAME + ")*(?:,? et al\\.)?,? \\(?(\\d{4}[a-z]?|n\\.d\\.)");
    private static final Pattern PAGED = Pattern.compile(
            "(" + NAME + ")(?:(?:,? (?:and|&) |, )" + NAME + ")*(?:,? et al\\.)?,? (?:p+\\. ?)?\\d{1,4}(?!\\d)");
    private static final Pattern LEAD =
            Pattern.compile("^(?:See|Cf|As|In|And|But|E\\.g|Both|While|Although|When|After) ");

    private Citations() {}

    /**
     * A source as the text names it.
     *
     * @param name the first name given: a surname, or a group's name
     * @param year as it stands, empty where there is none
     * @param words how it reads
     */
    record Cited(Paragraph paragraph, String name, String year, String words) {
        String letters() {
            return Letters.of(name);
        }
    }

    static boolean namesSomeone(Examination exam, Part citation) {
        String text = words(exam, citation);
        return DATED.matcher(text).find() || PAGED.matcher(text).find();
    }

    /** All sources that citations in the text name, in order. */
    static List<Cited> of(Examination exam) {
        List<Cited> out = new ArrayList<>();
        for (Part part : exam.parts().root().all(PartKind.CITATION)) {
            String text = words(exam, part);
            Paragraph paragraph = exam.paper().paragraphs().get(part.first());
            if (!find(DATED, text, paragraph, out)) {
                find(PAGED, text, paragraph, out);
            }
        }
        return out;
    }

    private static boolean find(Pattern pattern, String text, Paragraph paragraph, List<Cited> out) {
        boolean any = false;
        Matcher matcher = pattern.matcher(text);
        while (matcher.find()) {
            any = true;
            String name = LEAD.matcher(matcher.group(1)).replaceFirst("");
            String year = matcher.groupCount() > 1 ? Objects.requireNonNullElse(matcher.group(2), "") : "";
            out.add(new Cited(paragraph, name, year, matcher.group().replace("(", "")));
        }
        return any;
    }

    private static String words(Examination exam, Part citation) {
        TextRange range = Objects.requireNonNull(citation.range());
        String all = exam.paper().paragraphs().get(citation.first()).characters();
        return all.substring(range.from(), Math.min(all.length(), range.to()));
    }
}
