package grintel.core.rule.sources;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;

/** An entry is one paragraph without hard breaks. Whether what stands apart is one entry, the writer must say. */
public final class SourcesEntryBreaksRule implements Rule {
    @Override
    public String id() {
        return "sources.entry-breaks";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> entries = Entries.paragraphs(exam);
        List<Reading> out = new ArrayList<>();
        out.addAll(entries.filter(paragraph -> !breaks(paragraph).isEmpty())
                .check(id(), "breaks")
                .none("line-break", paragraph -> breaks(paragraph).size())
                .metIfNone(!entries.isEmpty())
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(paragraph -> breaks(paragraph).stream())
                                .<Edit>map(at -> Edit.ReplaceText.words(at.range, at.between))
                                .toList())
                .readings());
        List<Paragraph> parts = new ArrayList<>();
        Entries.of(exam)
                .forEach(entry -> parts.addAll(
                        entry.paragraphs().subList(1, entry.paragraphs().size())));
        out.addAll(exam.paragraphs(parts)
                .check(id(), "parts")
                .none("entry-part", paragraph -> 1)
                .metIfNone(!entries.isEmpty())
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .<Edit>map(paragraph -> new Edit.JoinParagraphs(
                                        exam.paper()
                                                .paragraphs()
                                                .get(paragraph.address().index() - 1)
                                                .address(),
                                        " "))
                                .toList())
                .readings());
        return out;
    }

    /** The breaks with something on either side, the white space after them included. */
    private static List<At> breaks(Paragraph paragraph) {
        List<At> out = new ArrayList<>();
        String characters = paragraph.characters();
        int last = characters.stripTrailing().length();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            boolean line = inline instanceof Inline.Break end && end.kind() == Inline.Break.Kind.LINE;
            if (line && at > 0 && at < last) {
                int to = at + 1;
                while (to < last && (characters.charAt(to) == ' ' || characters.charAt(to) == '\t')) {
                    to++;
                }
                boolean spaced = Character.isWhitespace(characters.charAt(at - 1));
                out.add(new At(new TextRange(paragraph.address(), at, to), spaced ? "" : " "));
            }
            at += inline.length();
        }
        return out;
    }

    private record At(TextRange range, String between) {}
}
