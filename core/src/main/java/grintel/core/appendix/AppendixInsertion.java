package grintel.core.appendix;

import grintel.core.appendix.AppendixContent.Heading;
import grintel.core.appendix.AppendixContent.Item;
import grintel.core.appendix.AppendixContent.Picture;
import grintel.core.appendix.AppendixContent.Scale;
import grintel.core.appendix.AppendixContent.Text;
import grintel.core.edit.Edit;
import grintel.core.edit.NewBlock;
import grintel.core.edit.NewImage;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.NewParagraph.NewRun;
import grintel.core.edit.Piece;
import grintel.core.edit.Position;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.guide.demand.Place;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.value.Length;
import grintel.core.language.TitleCase;
import grintel.core.limit.TooLargeException;
import grintel.core.made.ObjectBlocks;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Lengths;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.Style;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Sets appendices in the form of the guide and brings them into a paper, where the guide has them. */
public final class AppendixInsertion {
    private static final int ITEM_INDENT = 720;
    private static final int MOST = 26;

    /** EMU: with number, title and the appendix's own head there is still room on a page. */
    private static final long TALLEST = 432 * Lengths.EMU_PER_POINT;

    private static final String NOTE = "Note.";
    private static final String REVERSED = " (R) marks an item that is scored in reverse.";

    private final Guide guide;
    private final Function<ExportPicture, NewImage> images;
    private final LineSpacing line;
    private final int firstLine;

    /** @param images what each picture shows */
    public AppendixInsertion(Guide guide, Function<ExportPicture, NewImage> images) {
        this.guide = guide;
        this.images = images;
        this.line = LineSpacing.multiple(
                guide.ask("spacing.line").isAsked() ? guide.ask("spacing.line").get(SpacingDemands.MULTIPLE) : 2);
        Length indent = guide.ask("spacing.first-line").find(SpacingDemands.INDENT);
        this.firstLine = indent == null ? ITEM_INDENT : (int) Math.round(indent.twips());
    }

    /**
     * Edits that bring appendices in after those the paper has.
     *
     * @throws TooLargeException when there are more than letters
     */
    public List<Edit> edits(Examination exam, List<AppendixContent> appendices) {
        int there = exam.parts().paragraphs(PartKind.APPENDIX_LABEL).size();
        Style standard = exam.paper().styles().standard(Style.Kind.PARAGRAPH);
        List<Section> sections = exam.paper().sections();
        int measure = sections.get(sections.size() - 1).measure();
        List<NewBlock> blocks = blocks(appendices, there, measure, standard == null ? null : standard.id());
        return List.of(new Edit.InsertBlocks(place(exam, there), blocks));
    }

    /**
     * Appendices from the label of the first to the last note.
     *
     * @param there how many stand before them
     * @param measure twips from margin to margin where they will stand
     * @param style id of the style their paragraphs have, null for the standard one
     */
    public List<NewBlock> blocks(List<AppendixContent> appendices, int there, int measure, @Nullable String style) {
        if (there + appendices.size() > MOST) {
            throw new TooLargeException("A paper has at most 26 appendices, one a letter.");
        }
        List<NewBlock> blocks = new ArrayList<>();
        for (int i = 0; i < appendices.size(); i++) {
            boolean only = there + appendices.size() == 1;
            char letter = (char) ('A' + there + i);
            blocks.addAll(new One(letter, only ? "Appendix" : "Appendix " + letter, measure, style)
                    .blocks(appendices.get(i)));
        }
        return blocks;
    }

    /** After the last of the paper, or before its list of sources, as the guide has it. */
    private Position place(Examination exam, int there) {
        List<Paragraph> all = exam.paper().paragraphs();
        int sources = exam.parts().index(PartKind.SOURCES_LABEL, 0);
        boolean before = guide.ask("hand-in.part-order").isAsked()
                && guide.ask("hand-in.part-order").get(ClosingDemands.APPENDICES) == Place.BEFORE_SOURCES;
        if (before && sources > 0) {
            return Position.before(all.get(sources).address());
        }
        Paragraph last = all.get(all.size() - 1);
        return last.inTable() || last.endsSection() && there > 0
                ? Position.before(last.address())
                : Position.after(last.address());
    }

    /** One of them, being set. */
    private final class One {
        private final char letter;
        private final String label;
        private final int measure;
        private final @Nullable String style;
        private int figures;

        One(char letter, String label, int measure, @Nullable String style) {
            this.letter = letter;
            this.label = label;
            this.measure = measure;
            this.style = style;
        }

        List<NewBlock> blocks(AppendixContent appendix) {
            boolean bold = guide.ask("appendices.label").find(ClosingDemands.BOLD) == Boldness.BOLD;
            List<NewBlock> out = new ArrayList<>();
            PropertySet centred = PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                    .with(ParagraphProperties.KEEP_WITH_NEXT, true);
            PropertySet own = centred.with(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                    .with(ParagraphProperties.OUTLINE_LEVEL, 0);
            out.add(paragraph(own, label, bold));
            if (!appendix.title().isBlank()) {
                out.add(paragraph(centred, TitleCase.of(appendix.title(), guide.titleCase()), bold));
            }
            for (AppendixContent.Piece piece : appendix.pieces()) {
                out.addAll(blocks(piece));
            }
            String said = (appendix.hasReversed() ? REVERSED : "")
                    + (appendix.source().isEmpty() ? "" : " " + appendix.source());
            if (!said.isEmpty()) {
                out.add(paragraph(PropertySet.empty(), NOTE + said, false));
            }
            return out;
        }

        private List<NewBlock> blocks(AppendixContent.Piece piece) {
            if (piece instanceof Text text) {
                return List.of(paragraph(
                        PropertySet.of(ParagraphProperties.INDENT_FIRST_LINE, firstLine), text.words(), false));
            }
            if (piece instanceof Heading heading) {
                return List.of(
                        paragraph(PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true), heading.words(), true));
            }
            if (piece instanceof Scale scale) {
                return List.of(
                        paragraph(PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true), scale.words(), false));
            }
            if (piece instanceof Picture picture) {
                return figure(picture);
            }
            Item item = (Item) piece;
            PropertySet hanging = PropertySet.of(ParagraphProperties.INDENT_LEFT, ITEM_INDENT)
                    .with(ParagraphProperties.INDENT_FIRST_LINE, -ITEM_INDENT / 2);
            String words = item.number() + ". " + item.words() + (item.reversed() ? " (R)" : "")
                    + (item.open() ? " (open answer)" : "");
            List<NewBlock> out = new ArrayList<>(List.of(paragraph(hanging, words, false)));
            if (!item.options().isEmpty()) {
                out.add(paragraph(
                        PropertySet.of(ParagraphProperties.INDENT_LEFT, ITEM_INDENT),
                        new Scale(item.options()).words(),
                        false));
            }
            return out;
        }

        private List<NewBlock> figure(Picture picture) {
            ExportPicture own = picture.picture();
            double most = Math.min(
                    (double) measure * Lengths.EMU_PER_POINT / Lengths.TWIPS_PER_POINT / own.width(),
                    (double) TALLEST / own.height());
            double scale = Math.min(1, most);
            NewRun run = new NewRun(
                    new Piece.Picture(
                            images.apply(own),
                            Math.max(1, (int) (own.width() * scale)),
                            Math.max(1, (int) (own.height() * scale)),
                            picture.said() ? picture.shows() : ""),
                    PropertySet.empty());
            return ObjectBlocks.ofFigure(guide, style)
                    .spaced(line)
                    .figure(
                            letter + Integer.toString(++figures),
                            TitleCase.of(picture.shows(), guide.titleCase()),
                            run,
                            List.of());
        }

        private NewParagraph paragraph(PropertySet own, String words, boolean bold) {
            PropertySet flat = new PropertySet.Builder()
                    .set(ParagraphProperties.ALIGNMENT, Alignment.LEFT)
                    .set(ParagraphProperties.LINE_SPACING, line)
                    .set(ParagraphProperties.INDENT_LEFT, 0)
                    .set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                    .set(ParagraphProperties.SPACE_BEFORE, 0)
                    .set(ParagraphProperties.SPACE_AFTER, 0)
                    .build();
            NewParagraph plain = NewParagraph.of(style, own.over(flat), words);
            PropertySet type = bold ? PropertySet.of(CharacterProperties.BOLD, true) : PropertySet.empty();
            return new NewParagraph(
                    style,
                    plain.direct(),
                    plain.runs().stream()
                            .map(run -> new NewRun(run.piece(), type))
                            .toList());
        }
    }
}
