package grintel.core.edit;

import grintel.core.paper.Anchor;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Comment;
import grintel.core.paper.DocumentProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.ListLevel;
import grintel.core.paper.Lists;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.PaperResolver;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphSource;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Run;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.core.paper.TextRange;
import grintel.core.paper.Width;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** Makes edits to a paper. The file it came from is edited by the formats, in the same way. */
public final class PaperEditor {
    private final Paper paper;
    private final OpenPaper open;
    private final Maker maker = new Maker();
    private StyleSheet styles;
    private Lists lists;
    private PaperSettings settings;
    private DocumentProperties properties;
    private final Set<String> goneComments = new HashSet<>();

    private PaperEditor(Paper paper) {
        this.paper = paper;
        this.open = new OpenPaper(paper);
        this.styles = paper.styles();
        this.lists = paper.lists();
        this.settings = paper.settings();
        this.properties = paper.properties();
    }

    /**
     * The paper with these edits made.
     *
     * @param edits none of which clash ({@link EditSet})
     * @throws EditRefusedException when one cannot be made
     */
    public static Paper apply(Paper paper, List<Edit> edits) {
        if (edits.isEmpty()) {
            return paper;
        }
        PaperEditor editor = new PaperEditor(paper);
        EditOrder.make(edits, editor.maker);
        return editor.rebuild();
    }

    private Paper rebuild() {
        open.removeMarks(goneComments);
        List<Comment> comments = paper.comments().stream()
                .filter(comment -> !goneComments.contains(comment.id()))
                .toList();
        PaperRebuilder rebuilder = new PaperRebuilder(open, new PaperResolver(styles, lists, settings));
        List<Section> sections = rebuilder.sections();
        List<Note> notes = rebuilder.notes();
        return new Paper(sections, notes, styles, lists, settings, properties, comments, paper.oddities());
    }

    /** Makes one edit. */
    private final class Maker implements EditVisitor {
        // ---- formatting

        @Override
        public void setProperty(Edit.SetProperty edit) {
            edit.target().accept(new Setter(edit.property(), edit.value()));
        }

        private void format(TextRange range, UnaryOperator<Run> change) {
            open.paragraph(range.paragraph()).format(range.from(), range.to(), change);
        }

        private static Run with(Run run, PropertySet direct) {
            return new Run(run.number(), run.style(), direct, run.format(), run.link(), run.revision());
        }

        private Style style(String id) {
            Style found = styles.find(id);
            if (found == null) {
                throw new EditRefusedException("The paper has no style " + id + ".");
            }
            return found;
        }

        private ListLevel level(int list, int level) {
            ListLevel found = lists.level(list, level);
            if (found == null) {
                throw new EditRefusedException("The paper has no list " + list + ".");
            }
            return found;
        }

        @Override
        public void createStyle(Edit.CreateStyle edit) {
            if (styles.find(edit.style().id()) != null) {
                throw new EditRefusedException(
                        "The paper has a style " + edit.style().id() + " already.");
            }
            styles = styles.with(edit.style());
        }

        @Override
        public void applyStyle(Edit.ApplyStyle edit) {
            open.paragraph(edit.paragraph()).style = edit.style();
        }

        @Override
        public void applyCharacterStyle(Edit.ApplyCharacterStyle edit) {
            String id = edit.style();
            // The style may be one that is made by an edit of the same list.
            Style named = id == null
                    ? null
                    : Style.of(id, id, Style.Kind.CHARACTER, null, false, PropertySet.empty(), PropertySet.empty());
            format(
                    edit.range(),
                    run -> new Run(run.number(), named, run.direct(), run.format(), run.link(), run.revision()));
        }

        @Override
        public void followStyle(Edit.FollowStyle edit) {
            styles = styles.with(style(edit.style()).followedBy(edit.next()));
        }

        @Override
        public void defineLevel(Edit.DefineLevel edit) {
            ListLevel was = level(edit.list(), edit.level());
            lists = lists.with(
                    edit.list(),
                    edit.level(),
                    new ListLevel(
                            was.start(),
                            edit.format(),
                            edit.text(),
                            edit.suffix(),
                            was.style(),
                            was.paragraph(),
                            was.character()));
        }

        // ---- characters

        @Override
        public void replaceText(Edit.ReplaceText edit) {
            open.paragraph(edit.range().paragraph())
                    .replace(edit.range().from(), edit.range().to(), edit.content());
        }

        @Override
        public void moveText(Edit.MoveText edit) {
            open.paragraph(edit.range().paragraph())
                    .move(edit.range().from(), edit.range().to(), edit.to());
        }

        // ---- paragraphs

        @Override
        public void insertParagraph(Edit.InsertParagraph edit) {
            OpenParagraph beside = open.paragraph(edit.at().paragraph());
            open.insert(make(edit.paragraph()), beside, edit.at().before());
        }

        @Override
        public void insertBlocks(Edit.InsertBlocks edit) {
            OpenParagraph beside = open.paragraph(edit.at().paragraph());
            open.insert(
                    edit.blocks().stream().map(Maker::make).toList(),
                    beside,
                    edit.at().before());
        }

        private static OpenBlock make(NewBlock block) {
            if (block instanceof NewParagraph paragraph) {
                return make(paragraph);
            }
            NewTable table = (NewTable) block;
            OpenBlock.OpenTable made = new OpenBlock.OpenTable(null, table.direct(), table.columns());
            for (NewTable.Row row : table.rows()) {
                OpenBlock.OpenRow line = new OpenBlock.OpenRow(row.direct());
                for (NewTable.Cell cell : row.cells()) {
                    List<OpenBlock> inside = new ArrayList<>();
                    cell.paragraphs().forEach(each -> inside.add(make(each)));
                    line.cells.add(new OpenBlock.OpenCell(cell.direct(), inside));
                }
                made.rows.add(line);
            }
            return made;
        }

        private static OpenParagraph make(NewParagraph paragraph) {
            List<Inline> inlines = new ArrayList<>();
            for (NewParagraph.NewRun run : paragraph.runs()) {
                Run plain = OpenPaper.plainRun(run.direct());
                inlines.add(OpenParagraph.inline(
                        run.piece(), new Run(inlines.size(), null, plain.direct(), plain.format(), "", Revision.NONE)));
            }
            return new OpenParagraph(ParagraphSource.of(paragraph.style(), paragraph.direct()), inlines);
        }

        @Override
        public void removeParagraph(Edit.RemoveParagraph edit) {
            OpenParagraph paragraph = open.paragraph(edit.paragraph());
            if (paragraph.holdsObjects()) {
                throw new EditRefusedException("A paragraph that holds more than words cannot be taken out.");
            }
            OpenParagraph next = open.neighbour(paragraph, 1);
            OpenParagraph previous = open.neighbour(paragraph, -1);
            if (next == null && previous == null) {
                throw new EditRefusedException("The only paragraph of its kind cannot be taken out.");
            }
            if (next != null) {
                next.prepend(paragraph.edges());
            } else if (previous != null) {
                previous.append(paragraph.edges());
            }
            open.remove(paragraph);
        }

        @Override
        public void moveParagraphs(Edit.MoveParagraphs edit) {
            List<OpenParagraph> moved = new ArrayList<>();
            for (int i = 0; i < edit.count(); i++) {
                OpenParagraph each = open.paragraph(
                        new ParagraphAddress(edit.first().story(), edit.first().index() + i));
                if (each.endsSection) {
                    throw new EditRefusedException("A paragraph that ends a section cannot be moved.");
                }
                moved.add(each);
            }
            OpenParagraph beside = open.paragraph(edit.to().paragraph());
            if (moved.contains(beside)) {
                throw new EditRefusedException("Paragraphs cannot be moved into themselves.");
            }
            moved.forEach(open::remove);
            for (OpenParagraph each : moved) {
                open.insert(each, beside, edit.to().before());
                if (!edit.to().before()) {
                    beside = each;
                }
            }
        }

        @Override
        public void splitParagraph(Edit.SplitParagraph edit) {
            OpenParagraph paragraph = open.paragraph(edit.paragraph());
            open.insert(paragraph.split(edit.at(), edit.rest()), paragraph, false);
        }

        @Override
        public void joinParagraphs(Edit.JoinParagraphs edit) {
            OpenParagraph first = open.paragraph(edit.first());
            OpenParagraph next = open.neighbour(first, 1);
            if (next == null) {
                throw new EditRefusedException("There is no paragraph to join with.");
            }
            first.join(next, edit.between());
            open.remove(next);
        }

        // ---- sections, tables, pictures, notes

        @Override
        public void setApart(Edit.SetApart edit) {
            open.setApart(edit);
        }

        @Override
        public void setColumns(Edit.SetColumns edit) {
            OpenBlock.OpenTable table = open.table(edit.table());
            table.columns = edit.widths();
            for (OpenBlock.OpenRow row : table.rows) {
                Integer skipped = row.direct.get(RowProperties.SKIPPED);
                int column = skipped == null ? 0 : skipped;
                for (OpenBlock.OpenCell cell : row.cells) {
                    Integer said = cell.direct.get(CellProperties.SPAN);
                    int span = said == null ? 1 : said;
                    int width = 0;
                    for (int i = column;
                            i < Math.min(column + span, edit.widths().size());
                            i++) {
                        width += edit.widths().get(i);
                    }
                    if (width > 0) {
                        cell.direct = cell.direct.with(CellProperties.WIDTH, Width.twips(width));
                    }
                    column += span;
                }
            }
        }

        @Override
        public void changePicture(Edit.ChangePicture edit) {
            OpenParagraph paragraph = open.paragraph(edit.paragraph());
            if (!(paragraph.at(edit.at()) instanceof Inline.Picture picture)) {
                throw new EditRefusedException("There is no picture at this place.");
            }
            Edit.ChangePicture.Size size = edit.size();
            String alternative = edit.alternative();
            @Nullable Anchor anchor = edit.intoLine() ? null : picture.anchor();
            paragraph.set(
                    edit.at(),
                    new Inline.Picture(
                            picture.kind(),
                            size == null ? picture.width() : size.width(),
                            size == null ? picture.height() : size.height(),
                            anchor,
                            alternative == null ? picture.alternative() : alternative,
                            picture.target(),
                            picture.pixels(),
                            picture.run()));
        }

        @Override
        public void insertNote(Edit.InsertNote edit) {
            Story story = edit.story();
            List<OpenBlock> blocks = new ArrayList<>();
            for (NewParagraph content : edit.content()) {
                OpenParagraph paragraph = make(content);
                if (blocks.isEmpty()) {
                    Run sign = numbered(OpenPaper.plainRun(RAISED));
                    paragraph.prepend(List.of(new Inline.NoteSign(story, "1", true, sign)));
                }
                blocks.add(paragraph);
            }
            open.notes.put(story, blocks);
            open.paragraph(edit.paragraph())
                    .insert(edit.at(), new Inline.NoteSign(story, "1", false, OpenPaper.plainRun(RAISED)));
        }

        /** A run of its own beside the others of a paragraph. */
        private static Run numbered(Run run) {
            return new Run(Integer.MAX_VALUE, run.style(), run.direct(), run.format(), run.link(), run.revision());
        }

        @Override
        public void changeNoteKind(Edit.ChangeNoteKind edit) {
            List<OpenBlock> blocks = open.notes.remove(edit.note());
            if (blocks == null) {
                throw new EditRefusedException("The paper has no such note.");
            }
            Story story = edit.story();
            open.notes.put(story, blocks);
            open.callAs(edit.note(), story);
        }

        // ---- headers and the paper as a whole

        @Override
        public void writeMarginal(Edit.WriteMarginal edit) {
            OpenPaper.OpenSection section = open.sections.get(edit.section());
            Story was = section.marginals(edit.kind()).get(edit.variant());
            List<OpenBlock> kept = new ArrayList<>();
            if (was != null) {
                for (OpenBlock block : open.marginals.getOrDefault(was, List.of())) {
                    if (OpenPaper.holdsOnlyPictures(block)) {
                        kept.add(block);
                    }
                }
            }
            Story story = edit.story();
            List<OpenBlock> blocks = new ArrayList<>();
            blocks.add(line(edit.content(), edit.kind()));
            blocks.addAll(kept);
            open.marginals.put(story, blocks);
            section.marginals(edit.kind()).put(edit.variant(), story);
        }

        private OpenParagraph line(MarginalContent content, Story.Kind kind) {
            PropertySet type = MarginalForm.type(content);
            List<NewParagraph.NewRun> runs = content.line().stream()
                    .map(piece -> new NewParagraph.NewRun(piece, type))
                    .toList();
            String style = MarginalForm.style(styles, kind);
            return make(new NewParagraph(style, MarginalForm.paragraph(content, styles, style), runs));
        }

        @Override
        public void inheritMarginal(Edit.InheritMarginal edit) {
            open.sections.get(edit.section()).marginals(edit.kind()).remove(edit.variant());
        }

        @Override
        public void settleChanges(Edit.SettleChanges edit) {
            open.paragraph(edit.paragraph()).settle();
        }

        @Override
        public void removeComment(Edit.RemoveComment edit) {
            if (paper.comments().stream().noneMatch(comment -> comment.id().equals(edit.id()))) {
                throw new EditRefusedException("The paper has no such comment.");
            }
            goneComments.add(edit.id());
        }

        @Override
        public void setSetting(Edit.SetSetting edit) {
            settings = switch (edit.setting()) {
                case EVEN_PAGES_DIFFER -> settings.withEvenPagesDiffer(edit.on());
                case HYPHENATION -> settings.withHyphenation(edit.on());
            };
        }

        @Override
        public void setFileProperty(Edit.SetFileProperty edit) {
            switch (edit.property()) {
                case TITLE -> properties = new DocumentProperties(edit.value(), properties.author());
                case AUTHOR -> properties = new DocumentProperties(properties.title(), edit.value());
                case LANGUAGE -> styles = styles.withLanguage(edit.value());
            }
        }
    }

    private static final PropertySet RAISED =
            PropertySet.of(CharacterProperties.VERTICAL_POSITION, VerticalPosition.SUPERSCRIPT);

    /** Sets one property. */
    private final class Setter implements Target.Visitor {
        private final Property<?> property;
        private final @Nullable Object value;

        Setter(Property<?> property, @Nullable Object value) {
            this.property = property;
            this.value = value;
        }

        @Override
        public void style(Target.OfStyle target) {
            styles = styles.with(maker.style(target.id()).with(property, value));
        }

        @Override
        public void listLevel(Target.OfListLevel target) {
            ListLevel level = maker.level(target.list(), target.level());
            lists = lists.with(target.list(), target.level(), level.with(property, value));
        }

        @Override
        public void paragraph(Target.OfParagraph target) {
            OpenParagraph paragraph = open.paragraph(target.paragraph());
            paragraph.direct = paragraph.direct.with(property, value);
        }

        @Override
        public void mark(Target.OfMark target) {
            OpenParagraph paragraph = open.paragraph(target.paragraph());
            paragraph.mark = paragraph.mark.with(property, value);
        }

        @Override
        public void range(Target.OfRange target) {
            maker.format(target.range(), run -> Maker.with(run, run.direct().with(property, value)));
        }

        @Override
        public void section(Target.OfSection target) {
            OpenPaper.OpenSection section = open.sections.get(target.section());
            section.direct = section.direct.with(property, value);
        }

        @Override
        public void table(Target.OfTable target) {
            OpenBlock.OpenTable table = open.table(target.table());
            table.direct = table.direct.with(property, value);
        }

        @Override
        public void row(Target.OfRow target) {
            OpenBlock.OpenRow row = open.table(target.table()).rows.get(target.row());
            row.direct = row.direct.with(property, value);
        }

        @Override
        public void cell(Target.OfCell target) {
            OpenBlock.OpenCell cell =
                    open.table(target.table()).rows.get(target.row()).cells.get(target.cell());
            cell.direct = cell.direct.with(property, value);
        }
    }
}
