package grintel.core.rule.headings;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Style;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;

/** What looks like a heading is one in the file, so that the outline and readers of it find it. */
public final class HeadingsRealRule implements Rule {
    private static final Measure REAL = Measure.word("a-heading-style");
    private static final Measure LOOK = Measure.word("looks-alone");
    private static final Pattern STYLE = Pattern.compile("(?i)heading\\s*[1-9].*");
    private static final int NO_OUTLINE = 9;

    @Override
    public String id() {
        return "headings.real";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Heading> own =
                Heading.all(exam).stream().filter(heading -> !heading.runIn()).toList();
        return Heading.subjects(exam, own)
                .check(id(), "style")
                .measure(heading -> isReal(heading.paragraph()) ? REAL : LOOK)
                .asks(REAL)
                .fix((off, cause) -> styled(exam, off))
                .readings();
    }

    private static boolean isReal(Paragraph paragraph) {
        Style style = paragraph.style();
        return style != null && STYLE.matcher(style.name()).matches()
                || paragraph.format().get(ParagraphProperties.OUTLINE_LEVEL) < NO_OUTLINE;
    }

    private static List<Edit> styled(Examination exam, List<Heading> off) {
        Map<Integer, List<Paragraph>> levels = new TreeMap<>();
        off.forEach(heading -> levels.computeIfAbsent(heading.level(), key -> new ArrayList<>())
                .add(heading.paragraph()));
        HeadingStyles styles = new HeadingStyles(exam.paper());
        List<Edit> edits = new ArrayList<>();
        levels.forEach((level, paragraphs) -> edits.addAll(styles.apply(paragraphs, level)));
        return edits;
    }
}
