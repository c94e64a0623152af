package grintel.core.typeset;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Colour;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Makes the pages of a paper: its sections one after the other, then endnotes, then headers and footers. */
final class PageBuilder {
    private static final int SEPARATOR_WEIGHT = Millipoints.PER_POINT / 2;
    private static final int SEPARATOR_LENGTH = 2 * Millipoints.PER_INCH;

    private final Paper paper;
    private final ContentReader reader;
    private final MarginalSetter marginals;
    private final PageFlow flow;
    private final ParagraphPlacer paragraphs;
    private final Remarks remarks = new Remarks();

    PageBuilder(Paper paper, FaceCatalogue faces, WorkLimits limits) {
        this.paper = paper;
        this.reader = new ContentReader(faces);
        boolean gapsAdd = paper.settings().gapsAdd();
        LineComposer lines = new LineComposer(reader, paper.settings().defaultTabStop());
        BoxComposer boxes = new BoxComposer(lines, gapsAdd);
        FloatPlacer floats = new FloatPlacer(boxes, remarks);
        this.marginals = new MarginalSetter(boxes, floats);
        this.flow = new PageFlow(paper, marginals, new NoteSetter(boxes, paper), floats, limits);
        TablePlacer tables = new TablePlacer(flow, boxes.tables(), remarks);
        this.paragraphs = new ParagraphPlacer(flow, lines, boxes, tables, floats, remarks, gapsAdd);
    }

    Proof build() {
        Paragraph above = null;
        for (Section section : paper.sections()) {
            if (section.index() > 0 && flow.start(section)) {
                above = null;
            }
            above = paragraphs.place(Stacked.of(section.blocks()), above, PagePart.TEXT);
        }
        for (Note note : paper.notes()) {
            if (note.story().kind() == Story.Kind.ENDNOTE) {
                above = paragraphs.place(Stacked.of(note.blocks()), above, PagePart.NOTE);
            }
        }
        flow.placeLeftOverNotes();
        return finish();
    }

    private Proof finish() {
        Map<Integer, Integer> sectionPages = new HashMap<>();
        for (OpenPage each : flow.pages()) {
            sectionPages.merge(each.section.index(), 1, Integer::sum);
        }
        List<ProofPage> out = new ArrayList<>(flow.pages().size());
        for (OpenPage each : flow.pages()) {
            String printed =
                    each.section.get(SectionProperties.PAGE_NUMBER_FORMAT).format(each.printed);
            MarginalSetter.Placed marginal = marginals.place(
                    each,
                    new FieldValues(
                            printed,
                            Integer.toString(flow.pages().size()),
                            Integer.toString(sectionPages.getOrDefault(each.section.index(), 1))));
            List<ProofLine> all = new ArrayList<>(marginal.header());
            all.addAll(each.text);
            all.addAll(each.boxes);
            addNotes(each, all);
            all.addAll(marginal.footer());
            out.add(new ProofPage(
                    each.number,
                    printed,
                    each.section.index(),
                    each.variant,
                    each.geometry.width(),
                    each.geometry.height(),
                    each.geometry.frame(),
                    each.geometry.headerTop(),
                    all,
                    each.pictures,
                    each.fills,
                    each.tables));
            if (!each.pictures.stream().allMatch(PlacedPicture::isDrawn)) {
                remarks.add(Remarks.Kind.PICTURE_NOT_DRAWN, each.number);
            }
        }
        return new Proof(out, reader.faces(), remarks.sentences(reader.missing()));
    }

    private static void addNotes(OpenPage page, List<ProofLine> all) {
        if (page.notes.isEmpty()) {
            return;
        }
        ProofPage.Frame frame = page.geometry.frame();
        int top = frame.bottom() - page.notesHeight;
        page.fills.add(new Fill(
                frame.left(),
                top + (OpenPage.NOTE_SEPARATOR - SEPARATOR_WEIGHT) / 2,
                Math.min(SEPARATOR_LENGTH, frame.width()),
                SEPARATOR_WEIGHT,
                Colour.AUTO,
                false));
        int y = top + OpenPage.NOTE_SEPARATOR;
        for (SetBox.BoxLine line : page.notes) {
            SetBox.BoxLine atZero = line.movedBy(0, -line.top());
            atZero.on(PagePart.NOTE, frame.left(), y, false, all);
            y += line.line().height();
        }
    }
}
