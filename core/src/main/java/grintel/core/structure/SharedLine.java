package grintel.core.structure;

import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** A line of an opening that names several things one after the other: "Marit Solvane, Literature 214, 9 October". */
final class SharedLine {
    private static final Pattern SIGN =
            Pattern.compile("[ \\u00A0]*(?:[,;|•·\\t]|(?<=[ \\u00A0])[–—-](?=[ \\u00A0]))[ \\u00A0\\t]*");
    private static final int LONGEST = 120;

    private SharedLine() {}

    /** What a line names, in order, where it names several things and nothing that is not known; else nothing. */
    static List<NamedPiece> of(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        String text = visible.text();
        if (text.length() > LONGEST || text.indexOf('\n') >= 0) {
            return List.of();
        }
        List<NamedPiece> out = new ArrayList<>();
        List<int[]> parted = parted(text);
        for (int i = 0; i < parted.size(); i++) {
            int from = parted.get(i)[0];
            int to = parted.get(i)[1];
            // The sign between day and year parts nothing.
            if (i + 1 < parted.size() && Elements.isDate(text.substring(from, parted.get(i + 1)[1]))) {
                i++;
                to = parted.get(i)[1];
            }
            String words = text.substring(from, to);
            PartKind kind = kind(words);
            if (kind == null) {
                return List.of();
            }
            out.add(new NamedPiece(kind, words, visible.range(from, to)));
        }
        return out.stream().map(NamedPiece::kind).distinct().count() > 1 ? out : List.of();
    }

    private static List<int[]> parted(String text) {
        List<int[]> out = new ArrayList<>();
        Matcher sign = SIGN.matcher(text);
        int from = text.length() - text.stripLeading().length();
        while (sign.find(from)) {
            out.add(new int[] {from, sign.start()});
            from = sign.end();
        }
        out.add(new int[] {from, Math.max(from, text.stripTrailing().length())});
        return out;
    }

    private static @Nullable PartKind kind(String words) {
        if (Elements.isDate(words)) {
            return PartKind.DATE;
        } else if (Names.isTitled(words)) {
            return PartKind.INSTRUCTOR;
        } else if (Elements.isClassPeriod(words)) {
            return PartKind.CLASS_PERIOD;
        } else if (Elements.isInstitution(words)) {
            return PartKind.INSTITUTION;
        } else if (Elements.isDepartment(words)) {
            return PartKind.DEPARTMENT;
        } else if (Elements.isCourse(words)) {
            return PartKind.COURSE;
        }
        return Names.isName(words) ? PartKind.AUTHOR : null;
    }
}
