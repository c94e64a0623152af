package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.BlankRun;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;

/** Two or more blank paragraphs that push a part to the next page in place of a break. */
public final class SpacingPagePushRule implements Rule {
    @Override
    public String id() {
        return "spacing.page-push";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        EnumSet<PartKind> starts = EnumSet.allOf(PartKind.class);
        starts.removeIf(kind -> !kind.startsPage());
        boolean anyPart =
                exam.parts().hasTitlePage() || !exam.paragraphs(starts).isEmpty();
        return BlankRun.in(exam)
                .filter(run -> run.pushesPage(exam))
                .at(run -> exam.place(run.next(exam)))
                .check(id(), "push")
                .measure(run -> new Measure.Some(run.paragraphs().size(), "blank-paragraph"))
                .asks(Measure.word("page-break"))
                .eachApart()
                .metIfNone(anyPart)
                .fix((runs, cause) ->
                        runs.stream().flatMap(run -> edits(exam, run).stream()).toList())
                .readings();
    }

    private static List<Edit> edits(Examination exam, BlankRun run) {
        List<Edit> edits = new ArrayList<>(run.removal());
        edits.add(new Edit.SetProperty(
                new Target.OfParagraph(run.next(exam).address()), ParagraphProperties.PAGE_BREAK_BEFORE, true));
        return edits;
    }
}
