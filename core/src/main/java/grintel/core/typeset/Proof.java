package grintel.core.typeset;

import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/** A paper laid out on pages. */
public final class Proof {
    private final List<ProofPage> pages;
    private final Map<String, FaceCatalogue.Choice> faces;
    private final List<String> remarks;
    /** The lines of the paragraphs of the text, by their index. */
    private final List<List<Placed>> ofText = new ArrayList<>();

    private final Map<ParagraphAddress, List<Placed>> ofOthers = new HashMap<>();

    Proof(List<ProofPage> pages, Map<String, FaceCatalogue.Choice> faces, List<String> remarks) {
        this.pages = List.copyOf(pages);
        this.faces = new TreeMap<>(faces);
        this.remarks = List.copyOf(remarks);
        for (ProofPage page : this.pages) {
            for (ProofLine line : page.lines()) {
                if (!line.repeated()) {
                    linesOf(line.paragraph()).add(new Placed(page, line));
                }
            }
        }
    }

    private List<Placed> linesOf(ParagraphAddress paragraph) {
        if (paragraph.story().kind() != Story.Kind.TEXT) {
            return ofOthers.computeIfAbsent(paragraph, key -> new ArrayList<>(2));
        }
        while (ofText.size() <= paragraph.index()) {
            ofText.add(new ArrayList<>(2));
        }
        return ofText.get(paragraph.index());
    }

    public List<ProofPage> pages() {
        return pages;
    }

    /** The faces the paper asks for and what each is set in, in order of their names. */
    public Map<String, FaceCatalogue.Choice> faces() {
        return Collections.unmodifiableMap(faces);
    }

    /** Names of the faces the paper asks for that are set in a stand-in of other widths, in order. */
    public Set<String> approximate() {
        Set<String> out = new TreeSet<>();
        faces.forEach((asked, choice) -> {
            if (!choice.exact()) {
                out.add(asked);
            }
        });
        return out;
    }

    /** What could not be honoured, a sentence each. */
    public List<String> remarks() {
        return remarks;
    }

    /** The lines of a paragraph in order; empty where it stands on no page. A header's lines come once a page. */
    public List<Placed> lines(ParagraphAddress paragraph) {
        if (paragraph.story().kind() != Story.Kind.TEXT) {
            return ofOthers.getOrDefault(paragraph, List.of());
        }
        return paragraph.index() < ofText.size() ? ofText.get(paragraph.index()) : List.of();
    }

    /** Number of the page a paragraph starts on, or 0 where it stands on none. */
    public int pageOf(ParagraphAddress paragraph) {
        List<Placed> lines = lines(paragraph);
        return lines.isEmpty() ? 0 : lines.get(0).page().number();
    }

    /** A line and the page it stands on. */
    public record Placed(ProofPage page, ProofLine line) {}
}
