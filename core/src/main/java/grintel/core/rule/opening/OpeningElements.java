package grintel.core.rule.opening;

import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/** The lines of a title page, or the heading lines over a title, by the elements they name. */
final class OpeningElements {
    /** What only leads from one line to the next, as on many title pages, and names nothing itself. */
    private static final Pattern LEADING = Pattern.compile("(?i)(?:by|for|to|in partial fulfill?ment of .{1,120}"
            + "|(?:an? [\\p{L} ]{1,40} )?(?:presented|submitted|prepared|written) (?:to|by|for)(?: the faculty)?):?");

    private final List<Line> lines = new ArrayList<>();

    private OpeningElements() {}

    /**
     * A line, or several in a row, that name one element.
     *
     * @param names what is named, one element or two on one line; none where that is not known
     */
    record Line(Set<Element> names, List<Paragraph> paragraphs) {
        Paragraph first() {
            return paragraphs.get(0);
        }
    }

    /** The lines of the title page. */
    static OpeningElements ofTitlePage(Examination exam, List<Element> asked) {
        OpeningElements out = new OpeningElements();
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            if (exam.parts().isOnTitlePage(paragraph.address().index())) {
                out.add(exam, paragraph, asked);
            }
        }
        return out;
    }

    /** The lines over the title of a paper without title page; where none stand there, those under it. */
    static OpeningElements ofHeadingLines(Examination exam, List<Element> asked) {
        OpeningElements over = new OpeningElements();
        List<Paragraph> all = exam.paper().paragraphs();
        int title = exam.parts().index(PartKind.TITLE, 0);
        all.subList(0, title).forEach(paragraph -> over.add(exam, paragraph, asked));
        if (!over.lines.isEmpty()) {
            return over;
        }
        OpeningElements under = under(exam, title, asked);
        return under.lines.stream().anyMatch(line -> !line.names.isEmpty()) ? under : over;
    }

    private static OpeningElements under(Examination exam, int title, List<Element> asked) {
        OpeningElements out = new OpeningElements();
        List<Paragraph> all = exam.paper().paragraphs();
        for (Paragraph paragraph : all.subList(title + 1, all.size())) {
            PartKind kind = exam.kind(paragraph);
            if (kind != PartKind.BLANK && !kind.isOfOpening()) {
                break;
            }
            if (kind != PartKind.SUBTITLE) {
                out.add(exam, paragraph, asked);
            }
        }
        return out;
    }

    private void add(Examination exam, Paragraph paragraph, List<Element> asked) {
        PartKind kind = exam.kind(paragraph);
        boolean leading = kind == PartKind.OPENING_LINE
                && LEADING.matcher(paragraph.text().strip()).matches();
        if (kind != PartKind.AUTHOR_NOTE_LABEL && !kind.isOfOpening() || leading) {
            return;
        }
        Set<Element> names = EnumSet.noneOf(Element.class);
        addTo(names, kind, asked);
        for (PartKind also : exam.parts().alsoNames(paragraph.address().index())) {
            Set<Element> more = EnumSet.noneOf(Element.class);
            addTo(more, also, asked);
            more.retainAll(asked);
            names.addAll(more);
        }
        Line last = lines.isEmpty() ? null : lines.get(lines.size() - 1);
        if (last != null && !names.isEmpty() && last.names.containsAll(names)) {
            List<Paragraph> all = new ArrayList<>(last.paragraphs);
            all.add(paragraph);
            lines.set(lines.size() - 1, new Line(last.names, all));
        } else {
            lines.add(new Line(names, List.of(paragraph)));
        }
    }

    /** Adds what a kind of line is called among the elements asked for. */
    static void addTo(Set<Element> names, PartKind kind, List<Element> asked) {
        boolean joined = asked.contains(Element.AFFILIATION);
        switch (kind) {
            case TITLE, SUBTITLE -> names.add(Element.TITLE);
            case AUTHOR -> names.add(Element.AUTHOR);
            case INSTITUTION -> names.add(joined ? Element.AFFILIATION : Element.INSTITUTION);
            case DEPARTMENT -> names.add(joined ? Element.AFFILIATION : Element.DEPARTMENT);
            // A school names the class by its course as well.
            case COURSE ->
                names.add(
                        asked.contains(Element.CLASS_PERIOD) && !asked.contains(Element.COURSE)
                                ? Element.CLASS_PERIOD
                                : Element.COURSE);
            case CLASS_PERIOD -> names.add(Element.CLASS_PERIOD);
            case INSTRUCTOR -> names.add(Element.INSTRUCTOR);
            case ASSIGNMENT -> names.add(Element.ASSIGNMENT);
            case DATE -> names.add(Element.DATE);
            case AUTHOR_NOTE_LABEL -> names.add(Element.AUTHOR_NOTE);
            default -> {}
        }
    }

    List<Line> lines() {
        return lines;
    }

    boolean has(Element element) {
        return lines.stream().anyMatch(line -> line.names.contains(element));
    }

    /** The elements asked for that are surely missing: what a line that names nothing known may be, is not. */
    List<Element> missing(List<Element> asked) {
        List<Element> out = new ArrayList<>(asked);
        out.removeIf(this::has);
        long unknown = lines.stream().filter(line -> line.names.isEmpty()).count();
        return out.size() <= unknown ? List.of() : out;
    }

    /** The lines that name what is not asked for; lines that name nothing known only where nothing is missing. */
    List<Line> others(List<Element> asked) {
        boolean whole = asked.stream().allMatch(this::has);
        return lines.stream()
                .filter(line ->
                        line.names.isEmpty() ? whole : line.names.stream().noneMatch(asked::contains))
                .toList();
    }

    /** The lines that stand before one that is asked to come before them. */
    List<Line> outOfOrder(List<Element> asked) {
        List<Line> known = lines.stream()
                .filter(line -> line.names.stream().anyMatch(asked::contains))
                .toList();
        List<Line> out = new ArrayList<>();
        int most = -1;
        for (Line line : known) {
            int place = line.names.stream()
                    .mapToInt(asked::indexOf)
                    .filter(at -> at >= 0)
                    .min()
                    .orElse(0);
            if (place < most) {
                out.add(line);
            }
            most = Math.max(most, place);
        }
        return out;
    }
}
