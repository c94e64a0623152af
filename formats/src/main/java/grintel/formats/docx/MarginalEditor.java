package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.core.edit.MarginalContent;
import grintel.core.edit.MarginalForm;
import grintel.core.edit.NewParagraph;
import grintel.core.paper.Marginals;
import grintel.core.paper.Story;
import grintel.core.paper.StyleSheet;
import grintel.formats.xml.XmlElement;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Writes headers and footers anew, and lets sections take those of the section before. */
final class MarginalEditor {
    private final DocxTree tree;
    private final NewBlockWriter paragraphs;

    MarginalEditor(DocxTree tree, NewBlockWriter paragraphs) {
        this.tree = tree;
        this.paragraphs = paragraphs;
    }

    void write(Edit.WriteMarginal edit) {
        String name = name(edit.kind());
        XmlElement properties = tree.section(edit.section());
        XmlElement reference = reference(properties, name, edit.variant());
        String part = reference == null ? null : tree.target(reference.attribute(Ns.R, "id"));
        if (part == null || reference == null || isShared(name, part)) {
            String made = tree.addPart(name, name, edit.kind() == Story.Kind.HEADER ? "hdr" : "ftr", "", name);
            String id = tree.addRelationship(tree.mainPart(), name, made);
            if (reference == null) {
                reference = XmlElement.like(properties, name + "Reference");
                reference.setAttribute("type", typeOf(edit.variant()));
                properties.prepend(reference);
            }
            if (part != null) {
                copyPictures(part, made);
            }
            setRelationshipId(reference, id);
            tree.change(tree.mainPart());
            part = made;
        }
        fill(tree.document(part).root(), edit.content(), edit.kind());
        tree.change(part);
        tree.called(edit.story(), new Story(edit.kind(), part));
    }

    private void copyPictures(String from, String to) {
        tree.copyRelationships(from, to);
        for (XmlElement block : tree.document(from).root().elements()) {
            if (holdsOnlyPictures(block)) {
                tree.document(to).root().append(block.copy());
            }
        }
    }

    private void fill(XmlElement root, MarginalContent content, Story.Kind kind) {
        Structure.paragraphs(root).forEach(Unread::refuseIn);
        for (XmlElement child : root.elements()) {
            if (!holdsOnlyPictures(child)) {
                child.remove();
            }
        }
        StyleSheet styles = styles();
        String style = MarginalForm.style(styles, kind);
        List<NewParagraph.NewRun> runs = content.line().stream()
                .map(piece -> new NewParagraph.NewRun(piece, MarginalForm.type(content)))
                .toList();
        root.prepend(
                paragraphs.write(root, new NewParagraph(style, MarginalForm.paragraph(content, styles, style), runs)));
    }

    private StyleSheet styles() {
        String part = tree.related("styles");
        return StylesReader.read(part == null ? null : tree.document(part), new PropertyReader(ThemeFaces.NONE));
    }

    void inherit(Edit.InheritMarginal edit) {
        XmlElement reference = reference(tree.section(edit.section()), name(edit.kind()), edit.variant());
        if (reference != null) {
            reference.remove();
            tree.change(tree.mainPart());
        }
    }

    private static String name(Story.Kind kind) {
        return kind == Story.Kind.HEADER ? "header" : "footer";
    }

    private static @Nullable XmlElement reference(XmlElement properties, String name, Marginals.Variant variant) {
        XmlElement found = null;
        for (XmlElement each : properties.children(name + "Reference")) {
            if (DocxReader.variant(each) == variant) {
                found = each;
            }
        }
        return found;
    }

    private boolean isShared(String name, String part) {
        int uses = 0;
        for (XmlElement section : tree.sections()) {
            for (XmlElement each : section.children(name + "Reference")) {
                uses += part.equals(tree.target(each.attribute(Ns.R, "id"))) ? 1 : 0;
            }
        }
        return uses > 1;
    }

    private static String typeOf(Marginals.Variant variant) {
        return switch (variant) {
            case DEFAULT -> "default";
            case FIRST -> "first";
            case EVEN -> "even";
        };
    }

    private static void setRelationshipId(XmlElement reference, String id) {
        String prefix = reference.prefixOf(Ns.R);
        if (prefix == null) {
            reference.setAttribute("", "xmlns", "r", Ns.R);
            prefix = "r";
        }
        reference.setAttribute(Ns.R, prefix, "id", id);
    }

    private static boolean holdsOnlyPictures(XmlElement block) {
        boolean picture = Search.first(block, Ns.W, "drawing") != null || Search.first(block, Ns.W, "pict") != null;
        return picture && !holdsWords(block);
    }

    private static boolean holdsWords(XmlElement element) {
        for (XmlElement child : element.elements()) {
            boolean words = child.is(Ns.W, "t") && !child.text().isBlank()
                    || child.is(Ns.W, "instrText")
                    || child.is(Ns.W, "fldSimple")
                    || child.is(Ns.W, "txbxContent");
            if (words || holdsWords(child)) {
                return true;
            }
        }
        return false;
    }
}
