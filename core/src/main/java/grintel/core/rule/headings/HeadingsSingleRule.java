package grintel.core.rule.headings;

import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/** A section that is divided has two parts at least. */
public final class HeadingsSingleRule implements Rule {
    @Override
    public String id() {
        return "headings.single";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Heading> all = Heading.all(exam);
        List<Heading> divided = new ArrayList<>();
        List<Heading> once = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            int under = under(all, i);
            if (under > 0) {
                divided.add(all.get(i));
            }
            if (under == 1) {
                once.add(all.get(i));
            }
        }
        Measure asked = new Measure.Phrase("at-least", new Measure.Count(2, "subsection"));
        return Heading.subjects(exam, divided)
                .check(id(), "subsections")
                .measure(heading -> once.contains(heading) ? new Measure.Count(1, "subsection") : asked)
                .asks(asked)
                .readings();
    }

    /** How many headings stand right under one. */
    private static int under(List<Heading> all, int at) {
        int level = all.get(at).level();
        int next = Integer.MAX_VALUE;
        int count = 0;
        for (int i = at + 1; i < all.size() && all.get(i).level() > level; i++) {
            next = Math.min(next, all.get(i).level());
            count += all.get(i).level() == next ? 1 : 0;
        }
        return count;
    }
}
