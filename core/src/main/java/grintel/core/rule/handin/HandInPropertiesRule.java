package grintel.core.rule.handin;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.language.FactWords;
import grintel.core.language.Letters;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PersonName;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/** The file says of itself whose it is and what it is called. */
public final class HandInPropertiesRule implements Rule {
    @Override
    public String id() {
        return "hand-in.properties";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Reading> out = new ArrayList<>();
        out.addAll(
                property(exam, "file-title", exam.paper().properties().title(), title(exam), Edit.FileProperty.TITLE));
        out.addAll(
                property(exam, "author", exam.paper().properties().author(), authors(exam), Edit.FileProperty.AUTHOR));
        return out;
    }

    private List<Reading> property(
            Examination exam, String quantity, String is, String asked, Edit.FileProperty property) {
        if (asked.isEmpty()) {
            return List.of();
        }
        boolean same = Letters.of(is).startsWith(Letters.of(asked));
        return exam.whole()
                .check(id(), quantity)
                .measure(paper -> is.isBlank() ? Measure.word("nothing") : new Measure.Quote(is))
                .asks(new Measure.Quote(asked))
                .metWhen((paper, measure) -> same)
                .fix((off, cause) -> List.of(new Edit.SetFileProperty(property, asked)))
                .readings();
    }

    private static String title(Examination exam) {
        return Objects.requireNonNullElse(
                exam.brief().facts().get("title"), exam.parts().facts().wholeTitle());
    }

    private static String authors(Examination exam) {
        List<String> known = FactWords.names(exam.brief().facts());
        return known.isEmpty()
                ? exam.parts().facts().authors().stream()
                        .map(PersonName::toString)
                        .collect(Collectors.joining(", "))
                : String.join(", ", known);
    }
}
