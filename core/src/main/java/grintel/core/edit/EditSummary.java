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

/** Says in a few phrases what edits change in a file: which styles, how many paragraphs, which headers. */
public final class EditSummary {
    private static final String TAKEN = "taken away";

    private final Paper paper;
    private final Map<String, Set<String>> properties = new LinkedHashMap<>();
    private final Map<String, Set<Object>> holders = new LinkedHashMap<>();
    private final Set<Object> spaced = new LinkedHashSet<>();
    private final Set<String> others = new LinkedHashSet<>();
    private int blank;

    private EditSummary(Paper paper) {
        this.paper = paper;
    }

    /**
     * The phrases for edits of one pass.
     *
     * @param paper the paper before the edits, in which styles have their names
     */
    public static List<String> of(Paper paper, Collection<Edit> edits) {
        EditSummary summary = new EditSummary(paper);
        edits.forEach(summary::add);
        return summary.phrases();
    }

    private void add(Edit edit) {
        if (edit instanceof Edit.SetProperty set) {
            String what = kind(set);
            properties
                    .computeIfAbsent(what, key -> new LinkedHashSet<>())
                    .add(words(set.property().name()));
            holders.computeIfAbsent(what, key -> new LinkedHashSet<>()).add(set.target());
        } else if (edit instanceof Edit.RemoveParagraph) {
            blank++;
        } else if (edit instanceof Edit.ReplaceText replace) {
            spaced.add(replace.range().paragraph());
        } else if (edit instanceof Edit.WriteMarginal write) {
            others.add(name(write.kind()) + " of section " + (write.section() + 1) + " written anew");
        } else if (edit instanceof Edit.InheritMarginal inherit) {
            others.add(
                    name(inherit.kind()) + " of section " + (inherit.section() + 1) + " taken from the section before");
        } else if (edit instanceof Edit.SetSetting setting) {
            others.add(
                    switch (setting.setting()) {
                        case EVEN_PAGES_DIFFER -> "Setting: even pages " + (setting.on() ? "differ" : "as all others");
                        case HYPHENATION -> "Setting: hyphenation " + (setting.on() ? "on" : "off");
                    });
        }
    }

    private String kind(Edit.SetProperty set) {
        String own = set.value() == null ? TAKEN : "set";
        Target target = set.target();
        if (target instanceof Target.OfStyle style) {
            Style found = paper.styles().find(style.id());
            return "Style " + (found == null ? style.id() : found.name());
        }
        if (target instanceof Target.OfSection) {
            return "section|" + own;
        }
        return (target instanceof Target.OfRange ? "run|" : "paragraph|") + own;
    }

    /** A property's name as it is said: what a file splits by script or unit is one thing to a writer. */
    private static String words(String name) {
        String whole = name.replaceFirst("-(high-ansi|east-asia|complex|characters|auto)$", "");
        String side = whole.replaceFirst("^(margin|indent)-(.*)$", "$2 $1").replace("first-line", "first_line");
        return side.replace('-', ' ').replace('_', '-');
    }

    private static String name(Story.Kind kind) {
        return kind == Story.Kind.FOOTER ? "Footer" : "Header";
    }

    private List<String> phrases() {
        List<String> out = new ArrayList<>();
        properties.forEach((what, names) -> {
            int bar = what.indexOf('|');
            String list = String.join(", ", names);
            if (bar < 0) {
                out.add(what + ": " + list);
            } else {
                int count = holders.getOrDefault(what, Set.of()).size();
                String how = what.substring(bar + 1);
                out.add(counted(count, what.substring(0, bar)) + ": " + (how.equals(TAKEN) ? "own " : "") + list + " "
                        + how);
            }
        });
        if (blank > 0) {
            out.add(counted(blank, "blank paragraph") + " taken out");
        }
        if (!spaced.isEmpty()) {
            out.add(counted(spaced.size(), "paragraph") + ": spaces closed up");
        }
        out.addAll(others);
        return out;
    }

    private static String counted(int count, String noun) {
        return count + " " + noun + (count == 1 ? "" : "s");
    }
}
