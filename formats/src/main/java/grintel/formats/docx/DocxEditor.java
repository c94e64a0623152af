package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.core.edit.EditOrder;
import grintel.core.edit.EditRefusedException;
import grintel.core.edit.EditVisitor;
import grintel.core.edit.NewBlock;
import grintel.core.edit.Target;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.Story;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Makes edits to a .docx itself, in the order and the way {@link grintel.core.edit.PaperEditor} makes them to its paper. */
final class DocxEditor {
    private final DocxTree tree;
    private final PropertyWriter properties;
    private final StyleEditor styles;
    private final MarginalEditor marginals;
    private final NoteEditor notes;
    private final SectionEditor sections;
    private final CommentRemover comments;
    private final NewBlockWriter newBlocks;
    private final Maker maker = new Maker();
    private final Map<ParagraphAddress, LiveContent> contents = new HashMap<>();

    private DocxEditor(DocxTree tree) {
        this.tree = tree;
        this.properties = new PropertyWriter(tree.isStrict());
        this.newBlocks = new NewBlockWriter(properties, tree);
        this.styles = new StyleEditor(tree, properties);
        this.marginals = new MarginalEditor(tree, newBlocks);
        this.notes = new NoteEditor(tree, newBlocks);
        this.sections = new SectionEditor(tree, properties, newBlocks);
        this.comments = new CommentRemover(tree);
    }

    /**
     * The file with edits made in several goes.
     *
     * @throws EditRefusedException when one cannot be made
     */
    static byte[] apply(byte[] file, List<List<Edit>> passes) {
        try (OpcPackage opc = OpcPackage.open(file)) {
            DocxTree tree = new DocxTree(opc);
            for (List<Edit> edits : passes) {
                new DocxEditor(tree).make(edits);
                tree.settle();
            }
            return tree.bytes();
        }
    }

    private void make(List<Edit> edits) {
        // Addresses are those before any edit, so what they name is looked up before anything moves.
        openContents(edits);
        EditOrder.ofParagraphs(edits)
                .forEach(edit -> tree.paragraphs(EditOrder.paragraph(edit).story()));
        EditOrder.make(edits, maker);
        comments.removeMarks();
    }

    /** Reads the content of the paragraphs in which edits name characters; fields run on from those before. */
    private void openContents(List<Edit> edits) {
        Map<Story, Set<Integer>> wanted = new HashMap<>();
        for (Edit edit : edits) {
            ParagraphAddress address = contentOf(edit);
            if (address != null) {
                wanted.computeIfAbsent(address.story(), key -> new LinkedHashSet<>())
                        .add(address.index());
            }
        }
        wanted.forEach((story, indexes) -> {
            ContentWalker walker = new ContentWalker();
            List<XmlElement> paragraphs = tree.paragraphs(story);
            for (int i = 0; i < paragraphs.size(); i++) {
                List<Atom> atoms = walker.walk(paragraphs.get(i));
                if (indexes.contains(i)) {
                    contents.put(new ParagraphAddress(story, i), new LiveContent(paragraphs.get(i), atoms));
                }
            }
        });
    }

    /** The paragraph whose characters an edit names, or null. */
    private static @Nullable ParagraphAddress contentOf(Edit edit) {
        if (edit instanceof Edit.SetProperty set) {
            return set.target() instanceof Target.OfRange of ? of.range().paragraph() : null;
        }
        if (edit instanceof Edit.ApplyCharacterStyle apply) {
            return apply.range().paragraph();
        }
        if (edit instanceof Edit.ReplaceText replace) {
            return replace.range().paragraph();
        }
        if (edit instanceof Edit.MoveText move) {
            return move.range().paragraph();
        }
        if (edit instanceof Edit.ChangePicture change) {
            return change.paragraph();
        }
        if (edit instanceof Edit.InsertNote insert) {
            return insert.paragraph();
        }
        if (edit instanceof Edit.JoinParagraphs join) {
            return join.first();
        }
        return edit instanceof Edit.SplitParagraph split ? split.paragraph() : null;
    }

    private LiveContent content(ParagraphAddress address) {
        LiveContent content = contents.get(address);
        if (content == null) {
            throw new EditRefusedException("The file has no paragraph " + address.index() + ".");
        }
        return content;
    }

    /** Makes one edit. */
    private final class Maker implements EditVisitor {
        @Override
        public void setProperty(Edit.SetProperty edit) {
            edit.target().accept(new Setter(edit.property(), edit.value()));
        }

        @Override
        public void createStyle(Edit.CreateStyle edit) {
            styles.create(edit.style());
        }

        @Override
        public void applyStyle(Edit.ApplyStyle edit) {
            XmlElement format = PropertyHolder.of(tree.paragraph(edit.paragraph()), "pPr");
            PropertyWriter.writeValue(format, SchemaOrder.PARAGRAPH, "pStyle", edit.style());
            tree.touch(edit.paragraph().story());
        }

        @Override
        public void applyCharacterStyle(Edit.ApplyCharacterStyle edit) {
            content(edit.range().paragraph())
                    .format(edit.range().from(), edit.range().to(), run -> {
                        XmlElement format = PropertyHolder.of(run, "rPr");
                        PropertyWriter.writeValue(format, SchemaOrder.CHARACTERS, "rStyle", edit.style());
                        PropertyHolder.dropIfEmpty(format);
                    });
            tree.touch(edit.range().paragraph().story());
        }

        @Override
        public void followStyle(Edit.FollowStyle edit) {
            styles.follow(edit.style(), edit.next());
        }

        @Override
        public void defineLevel(Edit.DefineLevel edit) {
            styles.defineLevel(edit);
        }

        @Override
        public void replaceText(Edit.ReplaceText edit) {
            content(edit.range().paragraph())
                    .replace(edit.range().from(), edit.range().to(), edit.content());
            tree.touch(edit.range().paragraph().story());
        }

        @Override
        public void moveText(Edit.MoveText edit) {
            content(edit.range().paragraph())
                    .move(edit.range().from(), edit.range().to(), edit.to());
            tree.touch(edit.range().paragraph().story());
        }

        // ---- paragraphs

        @Override
        public void insertParagraph(Edit.InsertParagraph edit) {
            XmlElement beside = tree.paragraph(edit.at().paragraph());
            put(newBlocks.write(beside, edit.paragraph()), beside, edit.at().before());
            tree.touch(edit.at().paragraph().story());
        }

        @Override
        public void insertBlocks(Edit.InsertBlocks edit) {
            XmlElement beside = tree.paragraph(edit.at().paragraph());
            XmlElement last = beside;
            for (NewBlock block : edit.blocks()) {
                XmlElement fresh = newBlocks.write(beside, block);
                boolean before = edit.at().before();
                put(fresh, before ? beside : last, before);
                last = fresh;
            }
            tree.touch(edit.at().paragraph().story());
        }

        private void put(XmlElement fresh, XmlElement beside, boolean before) {
            if (!before && Structure.endsSection(beside)) {
                throw new EditRefusedException("Nothing can come after the last paragraph of a section.");
            }
            XmlElement among = beside.holder();
            if (before) {
                among.insertBefore(fresh, beside);
            } else {
                among.insertAfter(fresh, beside);
            }
        }

        @Override
        public void removeParagraph(Edit.RemoveParagraph edit) {
            ParagraphRemover.remove(
                    tree.paragraph(edit.paragraph()),
                    tree.container(edit.paragraph().story()));
            tree.touch(edit.paragraph().story());
        }

        @Override
        public void moveParagraphs(Edit.MoveParagraphs edit) {
            List<XmlElement> moved = new ArrayList<>();
            for (int i = 0; i < edit.count(); i++) {
                XmlElement each = tree.paragraph(
                        new ParagraphAddress(edit.first().story(), edit.first().index() + i));
                if (Structure.endsSection(each)) {
                    throw new EditRefusedException("A paragraph that ends a section cannot be moved.");
                }
                moved.add(each);
            }
            XmlElement beside = tree.paragraph(edit.to().paragraph());
            for (XmlElement each : moved) {
                each.remove();
                put(each, beside, edit.to().before());
                if (!edit.to().before()) {
                    beside = each;
                }
            }
            tree.touch(edit.first().story());
        }

        @Override
        public void splitParagraph(Edit.SplitParagraph edit) {
            XmlElement paragraph = tree.paragraph(edit.paragraph());
            XmlElement rest =
                    ParagraphSplitter.split(paragraph, content(edit.paragraph()).start(edit.at()));
            if (!edit.rest().isEmpty()) {
                properties.writeAll(PropertyHolder.of(rest, "pPr"), ParagraphProperties.ALL, edit.rest());
            }
            tree.touch(edit.paragraph().story());
        }

        @Override
        public void joinParagraphs(Edit.JoinParagraphs edit) {
            XmlElement first = tree.paragraph(edit.first());
            XmlElement next = ParagraphRemover.neighbour(
                    first, tree.container(edit.first().story()), 1);
            if (next == null || Structure.endsSection(first)) {
                throw new EditRefusedException("There is no paragraph to join with.");
            }
            LiveContent content = content(edit.first());
            @Nullable XmlElement format = edit.between().isEmpty() ? null : content.formatAt(content.length(), false);
            ParagraphSplitter.join(first, next, edit.between(), format);
            tree.touch(edit.first().story());
        }

        // ---- sections, tables, pictures, notes

        @Override
        public void setApart(Edit.SetApart edit) {
            sections.setApart(edit);
        }

        @Override
        public void setColumns(Edit.SetColumns edit) {
            TableEditor.setColumns(tree.table(edit.table()), edit.widths());
            tree.touch(edit.table().story());
        }

        @Override
        public void changePicture(Edit.ChangePicture edit) {
            LiveContent.Found found = content(edit.paragraph()).objectAt(edit.at());
            PictureEditor.change(found, edit);
            tree.touch(edit.paragraph().story());
        }

        @Override
        public void insertNote(Edit.InsertNote edit) {
            XmlElement paragraph = tree.paragraph(edit.paragraph());
            XmlElement call = notes.add(edit, paragraph);
            content(edit.paragraph()).insertRun(edit.at(), call);
            tree.touch(edit.paragraph().story());
        }

        @Override
        public void changeNoteKind(Edit.ChangeNoteKind edit) {
            notes.changeKind(edit);
        }

        // ---- headers and the file as a whole

        @Override
        public void writeMarginal(Edit.WriteMarginal edit) {
            marginals.write(edit);
        }

        @Override
        public void inheritMarginal(Edit.InheritMarginal edit) {
            marginals.inherit(edit);
        }

        @Override
        public void settleChanges(Edit.SettleChanges edit) {
            ChangeSettler.settle(tree.paragraph(edit.paragraph()));
            tree.touch(edit.paragraph().story());
        }

        @Override
        public void removeComment(Edit.RemoveComment edit) {
            comments.remove(edit.id());
        }

        @Override
        public void setSetting(Edit.SetSetting edit) {
            String name = switch (edit.setting()) {
                case EVEN_PAGES_DIFFER -> "evenAndOddHeaders";
                case HYPHENATION -> "autoHyphenation";
            };
            if (edit.on() || tree.related("settings") != null) {
                XmlElement root = tree.relatedRoot("settings", "settings", "");
                PropertyWriter.writeSwitch(root, SchemaOrder.SETTINGS, name, edit.on() ? true : null);
            }
        }

        @Override
        public void setFileProperty(Edit.SetFileProperty edit) {
            FilePropertyEditor.set(tree, styles, edit);
        }
    }

    /** Sets one property. */
    private final class Setter implements Target.Visitor {
        private final Property<?> property;
        private final @Nullable Object value;

        Setter(Property<?> property, @Nullable Object value) {
            this.property = property;
            this.value = value;
        }

        private void write(XmlElement element, String outer) {
            XmlElement container = element.child(outer);
            if (container == null && value == null) {
                return;
            }
            container = PropertyHolder.of(element, outer);
            properties.write(container, property, value);
            PropertyHolder.dropIfEmpty(container);
        }

        @Override
        public void style(Target.OfStyle target) {
            styles.set(target.id(), property, value);
        }

        @Override
        public void listLevel(Target.OfListLevel target) {
            styles.setInLevel(target.list(), target.level(), property, value);
        }

        @Override
        public void paragraph(Target.OfParagraph target) {
            write(tree.paragraph(target.paragraph()), "pPr");
            tree.touch(target.paragraph().story());
        }

        @Override
        public void mark(Target.OfMark target) {
            XmlElement paragraph = tree.paragraph(target.paragraph());
            XmlElement outer = paragraph.child("pPr");
            if (value == null && (outer == null || outer.child("rPr") == null)) {
                return;
            }
            outer = PropertyHolder.of(paragraph, "pPr");
            XmlElement inner = outer.child("rPr");
            if (inner == null) {
                inner = outer.insertInOrder(XmlElement.like(outer, "rPr"), SchemaOrder.PARAGRAPH);
            }
            properties.write(inner, property, value);
            PropertyHolder.dropIfEmpty(inner);
            PropertyHolder.dropIfEmpty(outer);
            tree.touch(target.paragraph().story());
        }

        @Override
        public void range(Target.OfRange target) {
            content(target.range().paragraph())
                    .format(target.range().from(), target.range().to(), run -> write(run, "rPr"));
            tree.touch(target.range().paragraph().story());
        }

        @Override
        public void section(Target.OfSection target) {
            properties.write(tree.section(target.section()), property, value);
            tree.change(tree.mainPart());
        }

        @Override
        public void table(Target.OfTable target) {
            write(tree.table(target.table()), "tblPr");
            tree.touch(target.table().story());
        }

        @Override
        public void row(Target.OfRow target) {
            XmlElement row = Structure.rows(tree.table(target.table())).get(target.row());
            write(row, "trPr");
            tree.touch(target.table().story());
        }

        @Override
        public void cell(Target.OfCell target) {
            XmlElement row = Structure.rows(tree.table(target.table())).get(target.row());
            write(Structure.cells(row).get(target.cell()), "tcPr");
            tree.touch(target.table().story());
        }
    }
}
