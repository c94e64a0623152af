package grintel.core.compose;

import grintel.core.compose.Content.Appendix;
import grintel.core.compose.Content.Line;
import grintel.core.guide.Brief;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.language.FactWords;
import grintel.core.paper.Paper;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.build.PaperBuilder;
import java.util.List;

/** Makes a brief and the words of a paper into that paper, set as the brief asks. */
public final class Composer {
    private final Form form;
    private final Content content;
    private final OpeningWords words;
    private final Brief brief;
    private final PaperBuilder out = new PaperBuilder();

    private Composer(Brief brief, Content content) {
        this.brief = brief;
        this.content = content;
        form = new Form(brief.guide());
        words = new OpeningWords(brief.facts(), form.dateOrder());
    }

    /** A paper of these words, with the facts of the brief in the places they belong to and placeholders for the rest. */
    public static Paper compose(Brief brief, Content content) {
        return new Composer(brief, content).compose();
    }

    private Paper compose() {
        new RoleStyles(form, out).add();
        sheet();
        new Marginals(form, words, out).add();
        Opening opening = new Opening(form, words, content, out);
        opening.add();
        PieceWriter pieces = new PieceWriter(form, out, "");
        if (opening.takeStart()) {
            pieces.startPage();
        }
        pieces.add(content.text());
        if (!form.appendicesLast()) {
            appendices();
        }
        sources();
        if (form.appendicesLast()) {
            appendices();
        }
        List<String> authors = FactWords.names(brief.facts());
        String title = words.known(Element.TITLE) ? words.of(Element.TITLE) : "";
        out.properties(title, String.join(", ", authors));
        return out.build();
    }

    private void sheet() {
        PropertySet.Builder section = new PropertySet.Builder()
                .set(SectionProperties.PAGE_WIDTH, form.width())
                .set(SectionProperties.PAGE_HEIGHT, form.height())
                .set(SectionProperties.MARGIN_TOP, form.margin(SheetDemands.TOP))
                .set(SectionProperties.MARGIN_RIGHT, form.margin(SheetDemands.RIGHT))
                .set(SectionProperties.MARGIN_BOTTOM, form.margin(SheetDemands.BOTTOM))
                .set(SectionProperties.MARGIN_LEFT, form.margin(SheetDemands.LEFT))
                .set(SectionProperties.HEADER_DISTANCE, form.headerDistance())
                .set(SectionProperties.FOOTER_DISTANCE, form.headerDistance());
        boolean later = form.countsFromText() && form.hasTitlePage();
        int first = later ? Math.max(0, form.firstNumber() - 1) : form.firstNumber();
        if (first != 1) {
            section.set(SectionProperties.PAGE_NUMBER_START, first);
        }
        if (form.barsFirstPage() || form.labelsFirstPage()) {
            section.set(SectionProperties.FIRST_PAGE_DIFFERS, true);
        }
        out.section(section.build());
    }

    private void sources() {
        if (content.sources().isEmpty()) {
            return;
        }
        out.paragraph(line -> line.style(Role.SOURCES_LABEL.id())
                .text(form.sourcesLabel(content.sources().size())));
        for (Line entry : content.sources()) {
            out.paragraph(line -> Words.add(line.style(Role.ENTRY.id()), entry));
        }
    }

    private void appendices() {
        List<Appendix> all = content.appendices();
        for (int i = 0; i < all.size(); i++) {
            String letter = String.valueOf((char) ('A' + i));
            String label = all.size() == 1 ? "Appendix" : "Appendix " + letter;
            out.paragraph(line -> line.style(Role.APPENDIX_LABEL.id()).text(label));
            Appendix appendix = all.get(i);
            if (!appendix.title().isEmpty()) {
                out.paragraph(line -> line.style(Role.APPENDIX_TITLE.id()).text(appendix.title()));
            }
            PieceWriter pieces = new PieceWriter(form, out, letter);
            pieces.add(appendix.text());
        }
    }
}
