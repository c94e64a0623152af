package grintel.core.compose;

import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;

/** Header and footer of a composed paper, with a live number. */
final class Marginals {
    private static final String LABEL = "Running head: ";
    private static final PropertySet NOTHING = PropertySet.empty();

    private final Form form;
    private final OpeningWords words;
    private final PaperBuilder out;

    Marginals(Form form, OpeningWords words, PaperBuilder out) {
        this.form = form;
        this.words = words;
        this.out = out;
    }

    /** Adds them to the section at hand; a first page that bears none gets an empty one. */
    void add() {
        boolean bare = form.barsFirstPage();
        if (bare || form.labelsFirstPage()) {
            out.header(Variant.FIRST, line -> header(line, form.labelsFirstPage() ? LABEL : "", bare));
        }
        out.header(Variant.DEFAULT, line -> header(line, "", false));
        if (form.numberAtFoot()) {
            if (bare || form.labelsFirstPage()) {
                out.footer(Variant.FIRST, line -> footer(line, bare));
            }
            out.footer(Variant.DEFAULT, line -> footer(line, false));
        }
    }

    private void header(ParagraphBuilder line, String label, boolean bare) {
        line.style(Role.HEADER.id());
        if (bare) {
            return;
        }
        String said = label + said();
        line.text(said);
        if (!form.numberAtFoot()) {
            line.text(said.isEmpty() ? "" : form.headWordsLeft() ? "\t" : " ").pageNumber(NOTHING);
        }
    }

    private void footer(ParagraphBuilder line, boolean bare) {
        line.style(Role.FOOTER.id());
        if (!bare) {
            line.pageNumber(NOTHING);
        }
    }

    private String said() {
        return switch (form.headWords()) {
            case NONE -> "";
            case SURNAME -> words.surname();
            case SHORT_TITLE -> words.shortTitle();
        };
    }
}
