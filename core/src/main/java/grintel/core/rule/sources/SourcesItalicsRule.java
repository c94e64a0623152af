package grintel.core.rule.sources;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.language.EntryTitle;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The title of a book or a journal is slanted, that of an article is not. What a title is, the writer is asked. */
public final class SourcesItalicsRule implements Rule {
    private static final Measure ITALIC = Measure.word("italic");
    private static final Measure UPRIGHT = Measure.word("upright");
    private static final double NEARLY_ALL = 0.9;

    @Override
    public String id() {
        return "sources.italics";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> entries = exam.paragraphs(
                Entries.of(exam).stream().map(Entries.Entry::first).toList());
        List<Reading> out = new ArrayList<>();
        out.addAll(entries.filter(paragraph -> container(paragraph) != null)
                .check(id(), "container")
                .measure(paragraph -> isSlanted(Stretch.of(paragraph)) > 0 ? ITALIC : UPRIGHT)
                .asks(ITALIC)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(
                                        paragraph -> slant(Objects.requireNonNull(container(paragraph)), true).stream())
                                .toList())
                .readings());
        out.addAll(entries.filter(paragraph -> article(paragraph) != null)
                .check(id(), "article")
                .measure(paragraph ->
                        isSlanted(Objects.requireNonNull(article(paragraph))) >= NEARLY_ALL ? ITALIC : UPRIGHT)
                .asks(UPRIGHT)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(paragraph -> slant(Objects.requireNonNull(article(paragraph)), false).stream())
                                .toList())
                .readings());
        return out;
    }

    private static double isSlanted(Stretch title) {
        return title.share(format -> format.get(CharacterProperties.ITALIC));
    }

    private static List<Edit> slant(Stretch title, boolean italic) {
        return title.holders().stream()
                .<Edit>map(holder -> new Edit.SetProperty(holder.target(), CharacterProperties.ITALIC, italic))
                .toList();
    }

    private static @Nullable Stretch container(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        return stretch(paragraph, visible, EntryTitle.container(visible.text()));
    }

    private static @Nullable Stretch article(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        return stretch(paragraph, visible, EntryTitle.article(visible.text()));
    }

    private static @Nullable Stretch stretch(
            Paragraph paragraph, VisibleText visible, EntryTitle.@Nullable Found found) {
        return found == null ? null : Stretch.of(paragraph, visible.range(found.from(), found.to()));
    }
}
