package grintel.core.edit;

import grintel.core.paper.Paper;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Sums up what edits change in a file: which styles, how many paragraphs, which headers. */
public final class EditSummary {
    private static final Map<Class<? extends Edit>, String> COUNTED = Map.ofEntries(
            Map.entry(Edit.RemoveParagraph.class, "removed"),
            Map.entry(Edit.SetApart.class, "set-apart"),
            Map.entry(Edit.CreateStyle.class, "style-made"),
            Map.entry(Edit.ApplyStyle.class, "style-applied"),
            Map.entry(Edit.InsertParagraph.class, "inserted"),
            Map.entry(Edit.InsertBlocks.class, "inserted"),
            Map.entry(Edit.MoveParagraphs.class, "moved"),
            Map.entry(Edit.MoveText.class, "text-moved"),
            Map.entry(Edit.SplitParagraph.class, "split"),
            Map.entry(Edit.JoinParagraphs.class, "joined"),
            Map.entry(Edit.SetColumns.class, "columns"),
            Map.entry(Edit.ChangePicture.class, "picture"),
            Map.entry(Edit.ChangeNoteKind.class, "note-kind"),
            Map.entry(Edit.SettleChanges.class, "changes-settled"),
            Map.entry(Edit.RemoveComment.class, "comment-removed"),
            Map.entry(Edit.SetFileProperty.class, "file-property"));

    private final Paper paper;
    private final Map<Group, Set<String>> properties = new LinkedHashMap<>();
    private final Map<Group, Set<Object>> holders = new LinkedHashMap<>();
    private final Set<Object> texts = new LinkedHashSet<>();
    private final Set<Item> others = new LinkedHashSet<>();
    private final Map<String, Integer> counts = new LinkedHashMap<>();

    private EditSummary(Paper paper) {
        this.paper = paper;
    }

    /**
     * What edits of one pass change, the items in order.
     *
     * @param paper the paper before the edits, in which styles have their names
     */
    public static List<Item> of(Paper paper, Collection<Edit> edits) {
        EditSummary summary = new EditSummary(paper);
        edits.forEach(summary::add);
        return summary.items();
    }

    private void add(Edit edit) {
        if (edit instanceof Edit.SetProperty set) {
            Group group = group(set);
            properties
                    .computeIfAbsent(group, key -> new LinkedHashSet<>())
                    .add(named(set.property().name()));
            holders.computeIfAbsent(group, key -> new LinkedHashSet<>()).add(set.target());
        } else if (edit instanceof Edit.ReplaceText replace) {
            texts.add(replace.range().paragraph());
        } else if (edit instanceof Edit.WriteMarginal write) {
            others.add(Item.of(part(write.kind()) + "-written", write.section() + 1));
        } else if (edit instanceof Edit.InheritMarginal inherit) {
            others.add(Item.of(part(inherit.kind()) + "-inherited", inherit.section() + 1));
        } else if (edit instanceof Edit.SetSetting setting) {
            String what = setting.setting() == Edit.Setting.HYPHENATION ? "hyphenation" : "even-pages";
            others.add(Item.of(what + (setting.on() ? "-on" : "-off"), 1));
        } else {
            counts.merge(COUNTED.getOrDefault(edit.getClass(), "others"), 1, Integer::sum);
        }
    }

    private Group group(Edit.SetProperty set) {
        Target target = set.target();
        if (target instanceof Target.OfStyle style) {
            Style found = paper.styles().find(style.id());
            return new Group("style", found == null ? style.id() : found.name());
        }
        String kind = kind(target);
        return new Group(set.value() == null ? kind + "-own" : kind, "");
    }

    private static String kind(Target target) {
        if (target instanceof Target.OfSection) {
            return "sections";
        }
        if (target instanceof Target.OfRange) {
            return "runs";
        }
        if (target instanceof Target.OfTable || target instanceof Target.OfRow || target instanceof Target.OfCell) {
            return target instanceof Target.OfTable ? "tables" : target instanceof Target.OfRow ? "rows" : "cells";
        }
        return target instanceof Target.OfListLevel ? "levels" : "paragraphs";
    }

    /** A property's name as it is said: what a file splits by script or unit is one thing to a writer. */
    private static String named(String name) {
        String whole = name.replaceFirst("-(high-ansi|east-asia|complex|characters|auto)$", "");
        String side = whole.replaceFirst("^(margin|indent)-(.*)$", "$2 $1").replace("first-line", "first_line");
        return side.replace('-', ' ').replace('_', '-');
    }

    private static String part(Story.Kind kind) {
        return kind == Story.Kind.FOOTER ? "footer" : "header";
    }

    private List<Item> items() {
        List<Item> out = new ArrayList<>();
        properties.forEach((group, names) -> out.add(
                new Item(group.key, holders.getOrDefault(group, Set.of()).size(), group.what, List.copyOf(names))));
        if (!texts.isEmpty()) {
            out.add(Item.of("text", texts.size()));
        }
        counts.forEach((key, count) -> out.add(Item.of(key, count)));
        out.addAll(others);
        return out;
    }

    private record Group(String key, String what) {}

    /**
     * One thing edits change.
     *
     * @param key of its wording
     * @param count how many, or which
     * @param what the name of a style, else empty
     * @param names of properties
     */
    public record Item(String key, int count, String what, List<String> names) {
        public Item {
            names = List.copyOf(names);
        }

        private static Item of(String key, int count) {
            return new Item(key, count, "", List.of());
        }
    }
}
