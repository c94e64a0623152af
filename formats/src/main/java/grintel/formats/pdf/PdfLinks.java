package grintel.formats.pdf;

import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphAddress;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionGoTo;
import org.apache.pdfbox.pdmodel.interactive.action.PDActionURI;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;

/** Live links: out to addresses, and within the paper to its bookmarks, whose pages may come later. */
final class PdfLinks {
    private final Paper paper;
    private final Proof proof;
    private final List<PDPage> sheets = new ArrayList<>();
    private final Map<PDAnnotationLink, Proof.Placed> waiting = new HashMap<>();

    PdfLinks(Paper paper, Proof proof) {
        this.paper = paper;
        this.proof = proof;
    }

    /** Whether a link leads anywhere: only to addresses a reader of papers expects, for a file from a stranger can name any. */
    boolean isLive(String link) {
        String lower = link.toLowerCase(Locale.ROOT);
        return lower.startsWith("http://")
                || lower.startsWith("https://")
                || lower.startsWith("mailto:")
                || !targetOf(link).isEmpty();
    }

    /** The lines of the paragraph a link within the paper leads to; empty where it leads to none. */
    private List<Proof.Placed> targetOf(String link) {
        ParagraphAddress at = link.startsWith("#") ? paper.bookmarks().get(link.substring(1)) : null;
        return at == null ? List.of() : proof.lines(at);
    }

    /** Notes the next page. */
    void visit(PDPage sheet) {
        sheets.add(sheet);
    }

    /** Makes an annotation lead where a live link does, and say so. */
    void lead(PDAnnotationLink annotation, String link) {
        List<Proof.Placed> target = targetOf(link);
        if (target.isEmpty()) {
            PDActionURI action = new PDActionURI();
            action.setURI(link);
            annotation.setAction(action);
            annotation.setContents(link);
        } else {
            waiting.put(annotation, target.get(0));
            annotation.setContents("To page " + target.get(0).page().number() + ": "
                    + target.get(0).line().text().strip());
        }
    }

    /** Gives the links within the paper their pages, once all are there. */
    void finish() {
        waiting.forEach((annotation, target) -> {
            PDActionGoTo action = new PDActionGoTo();
            PDPage sheet = sheets.get(target.page().number() - 1);
            action.setDestination(PdfPlace.of(sheet, target.page(), target.line()));
            annotation.setAction(action);
        });
    }
}
