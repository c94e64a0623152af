package grintel.formats.pdf;

import grintel.core.paper.Block;
import grintel.core.paper.EmbeddedText;
import grintel.core.paper.Inline;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.paper.Table;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkedContentReference;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDObjectReference;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDListAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDTableAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotation;
import org.jspecify.annotations.Nullable;

/**
 * The structure of a tagged PDF (ISO 32000-1 §14.7 and §14.8): headings, paragraphs, quotations, lists, tables and
 * notes in reading order, and which pieces of the pages belong to each.
 */
final class StructureTree {
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final PDStructureElement top;
    private final Proof proof;
    private final Parts parts;
    private final Headings headings;
    private final Map<Story, Note> notes = new LinkedHashMap<>();
    private final Map<ParagraphAddress, PDStructureElement> elements = new HashMap<>();
    private final Map<ParagraphAddress, Label> labels = new HashMap<>();
    private final List<COSArray> pages = new ArrayList<>();
    private final Map<Integer, PDStructureElement> annotations = new LinkedHashMap<>();
    private int noteIds;

    StructureTree(PDDocument document, Paper paper, Proof proof, Parts parts) {
        this.proof = proof;
        this.parts = parts;
        this.headings = new Headings(paper, parts);
        document.getDocumentCatalog().setStructureTreeRoot(root);
        top = child(root, StandardStructureTypes.DOCUMENT);
        paper.notes().forEach(note -> notes.put(note.story(), note));
        for (Section section : paper.sections()) {
            addBlocks(section.blocks(), top);
        }
        List.copyOf(notes.values()).forEach(note -> addNote(note, top));
    }

    /** The element a paragraph's characters belong to; one at the end of the document where it has none of its own. */
    PDStructureElement element(ParagraphAddress paragraph) {
        return elements.computeIfAbsent(paragraph, key -> child(top, StandardStructureTypes.P));
    }

    /** The element of a list item's number or bullet, and how it reads; null where the paragraph has none. */
    @Nullable
    Label label(ParagraphAddress paragraph) {
        return labels.get(paragraph);
    }

    /** A new element inside another. */
    static PDStructureElement child(PDStructureNode parent, String type) {
        PDStructureElement element = new PDStructureElement(type, parent);
        parent.appendKid(element);
        return element;
    }

    // ---- the paper's blocks

    private void addBlocks(List<Block> blocks, PDStructureElement parent) {
        Lists lists = new Lists(parent);
        for (Block block : blocks) {
            if (block instanceof Table table) {
                lists.close();
                addTable(table, parent);
            } else if (block instanceof Paragraph paragraph && isSeen(paragraph)) {
                if (isListItem(paragraph)) {
                    lists.add(paragraph);
                } else {
                    lists.close();
                    elements.put(paragraph.address(), paragraphElement(paragraph, parent));
                }
                addNotesOf(paragraph, parent);
            } else if (block instanceof EmbeddedText text) {
                lists.close();
                text.paragraphs().stream()
                        .filter(this::isSeen)
                        .forEach(each -> elements.put(each.address(), child(parent, StandardStructureTypes.P)));
            }
        }
    }

    private boolean isSeen(Paragraph paragraph) {
        return proof.lines(paragraph.address()).stream()
                .anyMatch(placed -> !placed.line().isEmpty());
    }

    private boolean isListItem(Paragraph paragraph) {
        return paragraph.label() != null
                && !paragraph.label().text().isBlank()
                && (!isText(paragraph) || headings.level(paragraph.address().index()) == 0);
    }

    private static boolean isText(Paragraph paragraph) {
        return paragraph.address().story().kind() == Story.Kind.TEXT;
    }

    private PDStructureElement paragraphElement(Paragraph paragraph, PDStructureElement parent) {
        if (isText(paragraph)) {
            int index = paragraph.address().index();
            int level = headings.level(index);
            if (level > 0) {
                return child(parent, "H" + level);
            }
            if (parts.kind(index) == PartKind.BLOCK_QUOTATION) {
                return child(child(parent, StandardStructureTypes.BLOCK_QUOTE), StandardStructureTypes.P);
            }
        }
        return child(parent, StandardStructureTypes.P);
    }

    /** A note stands right after the paragraph that calls it, wherever on the pages it is set. */
    private void addNotesOf(Paragraph paragraph, PDStructureElement parent) {
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.NoteSign sign && !sign.inNote()) {
                Note note = notes.remove(sign.note());
                if (note != null) {
                    addNote(note, parent);
                }
            }
        }
    }

    private void addNote(Note note, PDStructureElement parent) {
        PDStructureElement element = child(parent, StandardStructureTypes.NOTE);
        element.setElementIdentifier("note-" + ++noteIds);
        addBlocks(note.blocks(), element);
    }

    private void addTable(Table table, PDStructureElement parent) {
        PDStructureElement element = child(parent, StandardStructureTypes.TABLE);
        int columns = table.rows().stream()
                .mapToInt(row -> row.skipped()
                        + row.cells().stream().mapToInt(Table.Cell::span).sum())
                .max()
                .orElse(0);
        for (int r = 0; r < table.rows().size(); r++) {
            Table.Row row = table.rows().get(r);
            PDStructureElement rowElement = child(element, StandardStructureTypes.TR);
            boolean head = row.repeats() || r == 0 && table.rows().size() > 1;
            int column = 0;
            if (row.skipped() > 0) {
                addCell(rowElement, false, row.skipped(), 1);
                column = row.skipped();
            }
            for (Table.Cell cell : row.cells()) {
                if (!cell.continuesAbove()) {
                    PDStructureElement cellElement = addCell(rowElement, head, cell.span(), rowSpan(table, r, column));
                    addBlocks(cell.blocks(), cellElement);
                }
                column += cell.span();
            }
            if (column < columns) {
                addCell(rowElement, false, columns - column, 1);
            }
        }
    }

    private static PDStructureElement addCell(PDStructureElement row, boolean head, int columns, int rows) {
        PDStructureElement cell = child(row, head ? StandardStructureTypes.TH : StandardStructureTypes.TD);
        if (head || columns > 1 || rows > 1) {
            PDTableAttributeObject attributes = new PDTableAttributeObject();
            if (head) {
                attributes.setScope(PDTableAttributeObject.SCOPE_COLUMN);
            }
            if (columns > 1) {
                attributes.setColSpan(columns);
            }
            if (rows > 1) {
                attributes.setRowSpan(rows);
            }
            cell.addAttribute(attributes);
        }
        return cell;
    }

    private static int rowSpan(Table table, int row, int column) {
        int rows = 1;
        while (row + rows < table.rows().size() && goesOn(table.rows().get(row + rows), column)) {
            rows++;
        }
        return rows;
    }

    private static boolean goesOn(Table.Row row, int column) {
        int at = row.skipped();
        for (Table.Cell cell : row.cells()) {
            if (at == column) {
                return cell.continuesAbove();
            }
            at += cell.span();
        }
        return false;
    }

    // ---- content of pages

    /** Opens a page and gives its key in the tree of parents. */
    int addPage() {
        pages.add(new COSArray());
        return pages.size() - 1;
    }

    /** Makes a piece of the page opened last belong to an element and gives the piece's number on the page. */
    @SuppressWarnings("ReferenceEquality") // pages are told apart by the object that stands for them
    int addContent(PDStructureElement element, PDPage page) {
        COSArray pieces = pages.get(pages.size() - 1);
        int number = pieces.size();
        pieces.add(element.getCOSObject());
        PDPage first = element.getPage();
        if (first == null) {
            element.setPage(page);
        }
        if (first == null || first.getCOSObject() == page.getCOSObject()) {
            element.appendKid(number);
        } else {
            PDMarkedContentReference reference = new PDMarkedContentReference();
            reference.setPage(page);
            reference.setMCID(number);
            reference.getCOSObject().setDirect(true);
            element.appendKid(reference);
        }
        return number;
    }

    /** Makes an annotation belong to an element. */
    void addAnnotation(PDStructureElement element, PDAnnotation annotation, int key) {
        PDObjectReference reference = new PDObjectReference();
        reference.setReferencedObject(annotation);
        element.appendKid(reference);
        annotation.setStructParent(key);
        annotations.put(key, element);
    }

    /** A key for an annotation, beyond those of all pages. */
    int nextAnnotationKey() {
        return proof.pages().size() + annotations.size();
    }

    /** Writes the tree of parents, by which a piece of a page finds its element. */
    void finish() {
        COSArray numbers = new COSArray();
        for (int i = 0; i < pages.size(); i++) {
            numbers.add(COSInteger.get(i));
            numbers.add(pages.get(i));
        }
        annotations.forEach((key, element) -> {
            numbers.add(COSInteger.get(key));
            numbers.add(element.getCOSObject());
        });
        COSDictionary tree = new COSDictionary();
        tree.setItem(COSName.NUMS, numbers);
        root.getCOSObject().setItem(COSName.PARENT_TREE, tree);
        root.setParentTreeNextKey(proof.pages().size() + annotations.size());
    }

    /** The number or bullet of a list item. */
    record Label(PDStructureElement element, String text) {}

    /** Nests neighbouring list items by their levels. */
    private final class Lists {
        private final PDStructureElement parent;
        private final List<PDStructureElement> open = new ArrayList<>();
        private PDStructureElement lastBody;

        Lists(PDStructureElement parent) {
            this.parent = parent;
            this.lastBody = parent;
        }

        void add(Paragraph paragraph) {
            int level = Math.max(0, paragraph.format().get(ParagraphProperties.NUMBERING_LEVEL)) + 1;
            while (open.size() > level) {
                open.remove(open.size() - 1);
            }
            if (open.isEmpty() || open.size() < level) {
                PDStructureElement list = child(open.isEmpty() ? parent : lastBody, StandardStructureTypes.L);
                PDListAttributeObject attributes = new PDListAttributeObject();
                attributes.setListNumbering(
                        isBullet(paragraph)
                                ? PDListAttributeObject.LIST_NUMBERING_DISC
                                : PDListAttributeObject.LIST_NUMBERING_DECIMAL);
                list.addAttribute(attributes);
                open.add(list);
            }
            PDStructureElement item = child(open.get(open.size() - 1), StandardStructureTypes.LI);
            if (paragraph.label() != null) {
                labels.put(
                        paragraph.address(),
                        new Label(
                                child(item, StandardStructureTypes.LBL),
                                paragraph.label().text()));
            }
            lastBody = child(item, StandardStructureTypes.L_BODY);
            elements.put(paragraph.address(), child(lastBody, StandardStructureTypes.P));
        }

        private static boolean isBullet(Paragraph paragraph) {
            return paragraph.label() != null
                    && paragraph.label().text().codePoints().noneMatch(Character::isLetterOrDigit);
        }

        void close() {
            open.clear();
        }
    }
}
