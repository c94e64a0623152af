package grintel.core.rule.text;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.TextDemands;
import grintel.core.language.Quoted;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Quotes;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A quotation inside a paragraph that is long enough to stand as a block. */
public final class TextQuotationLongRule implements Rule {
    private static final Pattern CITATION = Pattern.compile("\\G\\s*\\([^()]{1,80}\\)[.,;]?");

    @Override
    public String id() {
        return "text.quotation-long";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        QuotationLimit limit = QuotationLimit.of(exam);
        Subjects<Paragraph> text = Kinds.runningText(exam);
        Subjects<Passage> all = text.each(
                paragraph -> passages(exam, paragraph),
                passage -> exam.place(passage.paragraph, passage.first()),
                passage -> exam.identity(passage.paragraph));
        List<Reading> out = new ArrayList<>();
        out.addAll(all.filter(passage -> !limit.reachesAsVerse(passage.words()))
                .check(id(), "length")
                .measure(passage -> limit.measure(exam, passage.words()))
                .asks(limit.fewer())
                .metWhen((passage, is) -> !limit.reaches(exam, passage.words()))
                .metIfNone(!text.isEmpty())
                .fix(FixClass.ASK, (off, cause) -> setOff(exam, off))
                .readings());
        out.addAll(all.filter(passage -> limit.reachesAsVerse(passage.words()))
                .check(id(), "verse")
                .measure(passage -> new Measure.Count(limit.verseLines(passage.words()), "verse-line"))
                .asks(limit.fewerOfVerse())
                .fix(FixClass.ASK, (off, cause) -> setOff(exam, off))
                .readings());
        return out;
    }

    /** Of several in a paragraph the last goes first, so that the places of those before it hold. */
    private static List<Edit> setOff(Examination exam, List<Passage> off) {
        List<Edit> out = new ArrayList<>();
        for (Passage passage : off) {
            out.addAll(0, setOff(exam, passage));
        }
        return out;
    }

    private static List<Passage> passages(Examination exam, Paragraph paragraph) {
        if (!exam.glance(paragraph).mayHoldAny("“\"")) {
            return List.of();
        }
        VisibleText visible = VisibleText.of(paragraph);
        return Quoted.in(visible.text()).stream()
                .map(found -> new Passage(paragraph, visible, found))
                .toList();
    }

    /** Makes a paragraph of its own of the passage, with the citation that follows it. */
    private static List<Edit> setOff(Examination exam, Passage passage) {
        int indent = exam.ask("text.quotation-form").get(TextDemands.INDENT).rounded();
        Paragraph paragraph = passage.paragraph;
        String text = passage.visible.text();
        Matcher citation = CITATION.matcher(text);
        int to = citation.find(passage.found.to()) ? citation.end() : passage.found.to();
        int next = to;
        while (next < text.length() && text.charAt(next) == ' ') {
            next++;
        }
        List<Edit> edits = new ArrayList<>();
        if (next < text.length()) {
            boolean goesOn = Character.isLowerCase(text.charAt(next));
            PropertySet after = new PropertySet.Builder()
                    .set(ParagraphProperties.INDENT_LEFT, paragraph.leftIndent())
                    .set(ParagraphProperties.INDENT_FIRST_LINE, goesOn ? 0 : paragraph.firstLineIndent())
                    .build();
            edits.add(new Edit.SplitParagraph(paragraph.address(), offset(passage, next), after));
        }
        PropertySet block = new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, indent)
                .set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                .build();
        if (text.substring(0, passage.found.from()).isBlank()) {
            Target own = new Target.OfParagraph(paragraph.address());
            edits.add(new Edit.SetProperty(own, ParagraphProperties.INDENT_LEFT, indent));
            edits.add(new Edit.SetProperty(own, ParagraphProperties.INDENT_FIRST_LINE, 0));
        } else {
            edits.add(new Edit.SplitParagraph(paragraph.address(), offset(passage, passage.found.from()), block));
        }
        return edits;
    }

    private static int offset(Passage passage, int visible) {
        TextRange range = passage.visible.range(visible, visible);
        return range.from();
    }

    private record Passage(Paragraph paragraph, VisibleText visible, Quoted.Passage found) {
        /** What stands between the marks. */
        String words() {
            return visible.text().substring(found.from() + 1, found.to() - 1);
        }

        /** Its opening words, its mark included. */
        String first() {
            return Quotes.first(visible.text().substring(found.from(), found.to()));
        }
    }
}
