package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;

/** How the title looks, on the title page and over the text; no marks around it or after it. */
public final class OpeningTitleFormRule implements Rule {
    private static final String OPENING_MARKS = "“\"‘'";
    private static final String CLOSING_MARKS = "”\"’'";

    @Override
    public String id() {
        return "opening.title-form";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Stretch> title = Titles.lines(exam);
        List<Reading> out =
                new ArrayList<>(LineForm.centred(ask.get(OpeningDemands.BOLD)).readings(id(), exam, title));
        out.addAll(title.check(id(), "marks")
                .measure(line -> Measure.word(
                        isQuoted(text(line)) ? "quotation-marks" : endsWithStop(text(line)) ? "a-full-stop" : "none"))
                .asks(Measure.word("none"))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(line -> withoutMarks(line).stream())
                                .toList())
                .readings());
        return out;
    }

    private static String text(Stretch line) {
        return VisibleText.of(line.paragraph()).text().strip();
    }

    /** Whether one pair of marks holds the whole title. */
    private static boolean isQuoted(String title) {
        int last = title.length() - 1;
        if (last < 2 || OPENING_MARKS.indexOf(title.charAt(0)) < 0) {
            return false;
        }
        boolean closed = CLOSING_MARKS.indexOf(title.charAt(last)) >= 0;
        String inside = title.substring(1, last);
        return closed && inside.chars().noneMatch(c -> "“”\"".indexOf(c) >= 0);
    }

    private static boolean endsWithStop(String title) {
        int last = title.lastIndexOf(' ');
        boolean abbreviation =
                title.substring(last + 1).chars().filter(c -> c == '.').count() > 1;
        return title.endsWith(".") && !title.endsWith("..") && !abbreviation;
    }

    private static List<Edit> withoutMarks(Stretch line) {
        VisibleText visible = VisibleText.of(line.paragraph());
        String text = visible.text();
        int end = text.stripTrailing().length();
        int start = text.length() - text.stripLeading().length();
        TextRange last = visible.range(end - 1, end);
        List<Edit> out = new ArrayList<>(List.of(Edit.ReplaceText.words(last, "")));
        if (isQuoted(text.strip())) {
            out.add(Edit.ReplaceText.words(visible.range(start, start + 1), ""));
        }
        return out;
    }
}
