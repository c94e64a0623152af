package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.core.edit.EditRefusedException;
import grintel.core.edit.NewParagraph;
import grintel.core.paper.Property;
import grintel.core.paper.SectionProperties;
import grintel.formats.xml.XmlElement;
import java.util.List;

/** Makes several sections of one (ISO 29500-1 §17.6.17): the last paragraph of each but the last holds what it says. */
final class SectionEditor {
    private final DocxTree tree;
    private final PropertyWriter properties;
    private final NewBlockWriter paragraphs;

    SectionEditor(DocxTree tree, PropertyWriter properties, NewBlockWriter paragraphs) {
        this.tree = tree;
        this.properties = properties;
        this.paragraphs = paragraphs;
    }

    void setApart(Edit.SetApart edit) {
        List<XmlElement> blocks = Structure.blocksAndPieces(tree.body());
        int from = blockOf(blocks, tree.paragraph(edit.first()));
        int to = blockOf(blocks, tree.paragraph(edit.last()));
        if (to < from || blocks.subList(from, to).stream().anyMatch(Structure::endsSection)) {
            throw new EditRefusedException("What is set apart stands in one section.");
        }
        boolean opens = from > 0 && !Structure.endsSection(blocks.get(from - 1));
        boolean closes = to + 1 < blocks.size() && !Structure.endsSection(blocks.get(to));
        // Those that hold no end themselves go on to the end of the section they all were.
        XmlElement last = endAfter(blocks, to);
        XmlElement first = last;
        if (opens) {
            first = last.copy();
            goOn(last);
            hold(blocks.get(from - 1), first);
        }
        XmlElement apart = last;
        if (closes) {
            apart = last.copy();
            if (!opens) {
                goOn(last);
            }
            hold(blocks.get(to), apart);
        }
        properties.writeAll(apart, SectionProperties.ALL, edit.sheet());
        tree.change(tree.mainPart());
    }

    private static int blockOf(List<XmlElement> blocks, XmlElement paragraph) {
        for (XmlElement at = paragraph; at != null; at = at.parent()) {
            for (int i = 0; i < blocks.size(); i++) {
                if (XmlElement.isSame(blocks.get(i), at)) {
                    return i;
                }
            }
        }
        throw new EditRefusedException("The paragraph is no longer in the text.");
    }

    /** What the section says that a block stands in. */
    private XmlElement endAfter(List<XmlElement> blocks, int block) {
        for (XmlElement each : blocks.subList(block, blocks.size())) {
            XmlElement end = Structure.sectionEnd(each);
            if (end != null) {
                return end;
            }
        }
        return tree.lastSection();
    }

    /** Takes out what only the first of several sections says. */
    private void goOn(XmlElement end) {
        for (XmlElement each : end.elements()) {
            if (each.is(Ns.W, "headerReference") || each.is(Ns.W, "footerReference")) {
                each.remove();
            }
        }
        for (Property<?> property : Edit.SetApart.OF_THE_FIRST) {
            properties.write(end, property, null);
        }
    }

    /** Lets a paragraph hold the end of a section; after a table a new one without words. */
    private void hold(XmlElement block, XmlElement end) {
        XmlElement holder = block;
        if (!block.name().equals("p")) {
            holder = paragraphs.write(block, new NewParagraph(null, Edit.SetApart.HOLDER, List.of()));
            block.holder().insertAfter(holder, block);
        }
        PropertyHolder.of(holder, "pPr").insertInOrder(end, SchemaOrder.PARAGRAPH);
    }
}
