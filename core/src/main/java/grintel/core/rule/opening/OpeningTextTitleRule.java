package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.language.Letters;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.LineWords;
import grintel.core.rule.Measure;
import grintel.core.rule.NewLine;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** The title of the title page stands again over the text, in the same words. */
public final class OpeningTextTitleRule implements Rule {
    @Override
    public String id() {
        return "opening.text-title";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        String title = words(Titles.onTitlePage(exam));
        int start = startOfText(exam);
        if (title.isEmpty() || start >= exam.paper().paragraphs().size()) {
            return List.of();
        }
        List<Paragraph> over = Titles.overText(exam);
        Measure asked = new Measure.Quote(title);
        if (over.isEmpty()) {
            Paragraph first = exam.paper().paragraphs().get(start);
            return exam.paragraphs(List.of(first))
                    .check(id(), "words")
                    .measure(paragraph -> Measure.word("no-title"))
                    .asks(asked)
                    .fix(FixClass.APPARATUS, (off, cause) -> inserted(exam, first, title))
                    .readings();
        }
        boolean same = Letters.of(words(over)).equals(Letters.of(title));
        return exam.lines(over.subList(0, 1))
                .check(id(), "words")
                .measure(line -> same ? asked : new Measure.Quote(words(over)))
                .asks(asked)
                .fix(FixClass.APPARATUS, (off, cause) -> replaced(exam, over, title))
                .readings();
    }

    private static String words(List<Paragraph> lines) {
        return lines.stream()
                .map(line -> line.text().strip().replaceAll("\\s+", " "))
                .collect(Collectors.joining(" "));
    }

    /** Index of the first paragraph after title page and abstract that is not blank. */
    private static int startOfText(Examination exam) {
        List<Paragraph> all = exam.paper().paragraphs();
        int at = 0;
        while (at < all.size()
                && (exam.parts().isOnTitlePage(at) || isBefore(exam.parts().kind(at)))) {
            at++;
        }
        return at;
    }

    private static boolean isBefore(PartKind kind) {
        return kind == PartKind.BLANK
                || kind == PartKind.ABSTRACT_LABEL
                || kind == PartKind.ABSTRACT_TEXT
                || kind == PartKind.KEYWORDS;
    }

    private static List<Edit> inserted(Examination exam, Paragraph first, String title) {
        boolean bold = exam.ask("opening.title-form").get(OpeningDemands.BOLD) == Boldness.BOLD;
        return NewLine.over(first, NewLine.centred(title, bold, 0, 0));
    }

    private static List<Edit> replaced(Examination exam, List<Paragraph> over, String title) {
        List<Edit> edits = new ArrayList<>(
                List.of(LineWords.replaced(exam.lines(over).all().get(0), title)));
        over.subList(1, over.size()).forEach(line -> edits.add(new Edit.RemoveParagraph(line.address())));
        return edits;
    }
}
