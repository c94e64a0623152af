package grintel.core.rule.sources;

import grintel.core.edit.Edit;
import grintel.core.edit.Position;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.language.FilingKey;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Quotes;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.sources.Entries.Entry;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Each entry stands where it is filed. Of those out of order, as few as possible are told, each with its place. */
public final class SourcesOrderRule implements Rule {
    private static final Measure IN_PLACE = Measure.word("in-order");

    @Override
    public String id() {
        return "sources.order";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Map<Integer, List<Unit>> groups = new TreeMap<>();
        for (Unit unit : Unit.of(Entries.of(exam))) {
            groups.computeIfAbsent(unit.group(), key -> new ArrayList<>()).add(unit);
        }
        List<Reading> out = new ArrayList<>();
        for (List<Unit> group : groups.values()) {
            out.addAll(read(exam, group));
        }
        return out;
    }

    private List<Reading> read(Examination exam, List<Unit> units) {
        if (units.size() < 2) {
            return List.of();
        }
        Filing filing = new Filing(units);
        if (filing.astray.isEmpty()) {
            return List.of(Reading.met(id(), "order", IN_PLACE, IN_PLACE));
        }
        return exam.whole()
                .each(paper -> filing.astray, unit -> exam.place(unit.first()), unit -> exam.identity(unit.first()))
                .check(id(), "order")
                .measure(unit -> quote(unit))
                .asksOf(unit -> {
                    Unit before = filing.before(unit);
                    return before == null ? Measure.word("first") : new Measure.Phrase("filed-after", quote(before));
                })
                .fix(FixClass.APPARATUS, (off, cause) -> filing.moves(off))
                .fixable(Unit::isMovable)
                .readings();
    }

    private static Measure quote(Unit unit) {
        return new Measure.Quote(Quotes.first(unit.first().text()));
    }

    /**
     * An entry and those under it that have a dash for its author, which move with it.
     *
     * @param place where it stands among the units of the list
     */
    private record Unit(List<Paragraph> paragraphs, FilingKey key, int group, int place) {
        static List<Unit> of(List<Entry> entries) {
            List<Unit> out = new ArrayList<>();
            for (Entry entry : entries) {
                Unit last = out.isEmpty() ? null : out.get(out.size() - 1);
                if (last != null && entry.key().dashed() && last.group == entry.group()) {
                    List<Paragraph> all = new ArrayList<>(last.paragraphs);
                    all.addAll(entry.paragraphs());
                    out.set(out.size() - 1, new Unit(all, last.key, last.group, last.place));
                } else {
                    out.add(new Unit(entry.paragraphs(), entry.key(), entry.group(), out.size()));
                }
            }
            return out;
        }

        Paragraph first() {
            return paragraphs.get(0);
        }

        Paragraph last() {
            return paragraphs.get(paragraphs.size() - 1);
        }

        /** Whether it stands in one piece and neither breaks the page nor ends a section. */
        boolean isMovable() {
            return last().address().index() - first().address().index() + 1 == paragraphs.size()
                    && paragraphs.stream()
                            .noneMatch(each -> each.endsSection() || each.hasPageBreak() || each.inTable());
        }
    }

    /** Which units stay where they are, and where the others go. */
    private static final class Filing {
        private final List<Unit> sorted;
        private final List<Unit> astray = new ArrayList<>();

        /** Where in their order the units belong, by the places where they stand. */
        private final Map<Integer, Integer> ranks = new HashMap<>();

        /** By rank: the last before it that stays where it is, or null. */
        private final List<@Nullable Unit> stayingBefore = new ArrayList<>();

        Filing(List<Unit> units) {
            sorted = new ArrayList<>(units);
            sorted.sort(Comparator.comparing(Unit::key, FilingKey::compare));
            Set<Integer> staying = staying(units);
            Unit last = null;
            List<Unit> kept = units.stream()
                    .filter(unit -> staying.contains(unit.place()))
                    .toList();
            for (Unit unit : units) {
                if (!staying.contains(unit.place()) && isSurelyAstray(unit, last, kept)) {
                    astray.add(unit);
                } else {
                    last = unit;
                }
            }
            rank();
        }

        private void rank() {
            Set<Integer> moving = astray.stream().map(Unit::place).collect(Collectors.toSet());
            Unit stays = null;
            for (Unit unit : sorted) {
                ranks.put(unit.place(), stayingBefore.size());
                stayingBefore.add(stays);
                stays = moving.contains(unit.place()) ? stays : unit;
            }
            stayingBefore.add(stays);
        }

        private int rank(Unit unit) {
            return Objects.requireNonNull(ranks.get(unit.place()));
        }

        private static boolean isSurelyAstray(Unit unit, @Nullable Unit before, List<Unit> kept) {
            boolean tooLate = before != null && before.key().isSurelyAfter(unit.key());
            return tooLate
                    || kept.stream()
                            .anyMatch(after ->
                                    after.place() > unit.place() && unit.key().isSurelyAfter(after.key()));
        }

        /** The places of the longest run of units that stand in their order. */
        private static Set<Integer> staying(List<Unit> units) {
            List<Integer> tails = new ArrayList<>();
            int[] before = new int[units.size()];
            for (int i = 0; i < units.size(); i++) {
                int low = 0;
                int high = tails.size();
                while (low < high) {
                    int middle = (low + high) >>> 1;
                    if (units.get(tails.get(middle)).key().compare(units.get(i).key()) <= 0) {
                        low = middle + 1;
                    } else {
                        high = middle;
                    }
                }
                before[i] = low == 0 ? -1 : tails.get(low - 1);
                if (low == tails.size()) {
                    tails.add(i);
                } else {
                    tails.set(low, i);
                }
            }
            Set<Integer> out = new HashSet<>();
            for (int i = tails.isEmpty() ? -1 : tails.get(tails.size() - 1); i >= 0; i = before[i]) {
                out.add(units.get(i).place());
            }
            return out;
        }

        /** The unit that one is filed right after of those that stay; null where it is filed first. */
        @Nullable
        Unit before(Unit unit) {
            return stayingBefore.get(rank(unit));
        }

        /** Moves units to their places, and before each those that belong between the same two that stay. */
        List<Edit> moves(List<Unit> units) {
            // The ranks that begin behind each unit that stays, with the last of them that is to be moved.
            Map<Integer, Integer> gaps = new TreeMap<>();
            for (Unit unit : units) {
                Unit stays = before(unit);
                gaps.merge(stays == null ? 0 : rank(stays) + 1, rank(unit), Math::max);
            }
            List<Edit> out = new ArrayList<>();
            gaps.forEach((from, last) -> {
                Position to = from == 0
                        ? Position.before(firstStaying().first().address())
                        : Position.after(sorted.get(from - 1).last().address());
                for (Unit each : sorted.subList(from, last + 1)) {
                    if (each.isMovable()) {
                        out.add(new Edit.MoveParagraphs(
                                each.first().address(), each.paragraphs().size(), to));
                        to = Position.after(each.last().address());
                    }
                }
            });
            return out;
        }

        private Unit firstStaying() {
            return stayingBefore.stream().filter(Objects::nonNull).findFirst().orElseThrow();
        }
    }
}
