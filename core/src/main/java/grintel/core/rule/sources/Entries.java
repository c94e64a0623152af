package grintel.core.rule.sources;

import grintel.core.language.FilingKey;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** The entries of a list of sources, with the paragraphs each takes. */
final class Entries {
    private static final Pattern LINK = Pattern.compile("(?i)(https?://|www\\.|doi\\b).*");
    private static final Pattern OPEN =
            Pattern.compile(".*([,:;&(–-]|\\b(and|in|of|the|vol|no|pp)\\.?)", Pattern.DOTALL);
    private static final Pattern CLOSED = Pattern.compile(".*[.?!)\\]”\"’/\\d]", Pattern.DOTALL);

    private Entries() {}

    /**
     * An entry.
     *
     * @param paragraphs one, or more where it was split
     * @param group entries are filed within the group under one heading
     */
    record Entry(List<Paragraph> paragraphs, FilingKey key, int group) {
        Paragraph first() {
            return paragraphs.get(0);
        }
    }

    /** The paragraphs under the label, entry or part of one. */
    static Subjects<Paragraph> paragraphs(Examination exam) {
        return exam.paragraphs(exam.parts().paragraphs(PartKind.ENTRY));
    }

    /** What the list begins with: its label, or its first entry where it has none; nothing without a list. */
    static List<Paragraph> start(Examination exam) {
        List<Paragraph> label = exam.parts().paragraphs(PartKind.SOURCES_LABEL);
        return label.isEmpty()
                ? exam.parts().paragraphs(PartKind.ENTRY).stream().limit(1).toList()
                : label;
    }

    /** The entries in the order in which they stand. */
    static List<Entry> of(Examination exam) {
        List<Entry> out = new ArrayList<>();
        List<Paragraph> open = new ArrayList<>();
        int group = 0;
        int from = exam.parts().index(PartKind.SOURCES_LABEL, 0);
        for (int i = Math.max(from, 0); i < exam.paper().paragraphs().size(); i++) {
            PartKind kind = exam.parts().kind(i);
            Paragraph paragraph = exam.paper().paragraphs().get(i);
            if (kind != PartKind.ENTRY) {
                close(open, group, out);
                group += kind == PartKind.HEADING ? 1 : 0;
                continue;
            }
            if (!open.isEmpty() && !goesOn(open.get(open.size() - 1), paragraph)) {
                close(open, group, out);
            }
            open.add(paragraph);
        }
        close(open, group, out);
        return out;
    }

    private static void close(List<Paragraph> open, int group, List<Entry> out) {
        if (!open.isEmpty()) {
            FilingKey key = FilingKey.of(open.get(0).text());
            out.add(new Entry(
                    List.copyOf(open),
                    out.isEmpty() ? key : key.under(out.get(out.size() - 1).key()),
                    group));
            open.clear();
        }
    }

    /** Whether a paragraph goes on with the entry of the one before. */
    static boolean goesOn(Paragraph before, Paragraph paragraph) {
        String above = before.text().strip();
        String text = paragraph.text().strip();
        if (text.isEmpty() || above.isEmpty()) {
            return false;
        }
        boolean underLink = LINK.matcher(above).matches();
        if (LINK.matcher(text).matches()) {
            return !underLink;
        }
        boolean lower = Character.isLowerCase(text.codePointAt(0));
        return !underLink
                && (OPEN.matcher(above).matches()
                        || lower && !CLOSED.matcher(above).matches());
    }
}
