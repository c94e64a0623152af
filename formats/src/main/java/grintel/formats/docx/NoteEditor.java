package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.core.edit.EditRefusedException;
import grintel.core.edit.NewParagraph;
import grintel.core.paper.Story;
import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Adds notes, and turns footnotes into endnotes and back. */
final class NoteEditor {
    private final DocxTree tree;
    private final NewBlockWriter paragraphs;

    NoteEditor(DocxTree tree, NewBlockWriter paragraphs) {
        this.tree = tree;
        this.paragraphs = paragraphs;
    }

    /** Adds a note and gives the run that calls it. */
    XmlElement add(Edit.InsertNote edit, XmlElement kin) {
        Story.Kind kind = edit.kind();
        XmlElement root = root(kind);
        String id = newId(root);
        XmlElement note = root.append(XmlElement.like(root, name(kind)));
        note.setAttribute("id", id);
        for (NewParagraph each : edit.content()) {
            XmlElement paragraph = note.append(paragraphs.write(root, each));
            if (note.elements().size() == 1) {
                XmlElement sign = raised(root);
                sign.append(XmlElement.like(root, name(kind) + "Ref"));
                XmlElement format = paragraph.child("pPr");
                if (format == null) {
                    paragraph.prepend(sign);
                } else {
                    paragraph.insertAfter(sign, format);
                }
            }
        }
        tree.called(edit.story(), new Story(kind, id));
        XmlElement call = raised(kin);
        call.append(XmlElement.like(kin, name(kind) + "Reference")).setAttribute("id", id);
        return call;
    }

    /** Moves a note to the notes of the other kind and lets the text call it there. */
    void changeKind(Edit.ChangeNoteKind edit) {
        Story story = tree.real(edit.note());
        boolean foot = story.kind() == Story.Kind.FOOTNOTE;
        Story.Kind other = foot ? Story.Kind.ENDNOTE : Story.Kind.FOOTNOTE;
        XmlElement note = tree.container(story);
        XmlElement call = callOf(tree.body(), name(story.kind()) + "Reference", story.id());
        if (call == null) {
            throw new EditRefusedException("The file has no such note.");
        }
        XmlElement root = root(other);
        String id = newId(root);
        XmlElement moved = XmlElement.like(root, name(other));
        moved.setAttribute("id", id);
        for (XmlElement child : note.elements()) {
            child.remove();
            moved.append(child);
        }
        rename(moved, name(story.kind()) + "Ref", name(other) + "Ref");
        root.append(moved);
        note.remove();
        XmlElement next = XmlElement.like(call, name(other) + "Reference");
        next.setAttribute("id", id);
        call.holder().insertBefore(next, call);
        call.remove();
        tree.touch(story);
        tree.change(tree.mainPart());
        tree.called(edit.story(), new Story(other, id));
    }

    private XmlElement root(Story.Kind kind) {
        String name = name(kind) + "s";
        return tree.relatedRoot(
                name, name, separator(kind, "separator", -1) + separator(kind, "continuationSeparator", 0));
    }

    private static String separator(Story.Kind kind, String type, int id) {
        String name = name(kind);
        return "<w:" + name + " w:type=\"" + type + "\" w:id=\"" + id + "\"><w:p><w:r><w:" + type + "/></w:r></w:p></w:"
                + name + ">";
    }

    private static String name(Story.Kind kind) {
        return kind == Story.Kind.FOOTNOTE ? "footnote" : "endnote";
    }

    private static String newId(XmlElement root) {
        int last = 0;
        for (XmlElement each : root.elements()) {
            Integer id = Values.integer(each.attribute("id"));
            last = id == null ? last : Math.max(last, id);
        }
        return Integer.toString(last + 1);
    }

    private static XmlElement raised(XmlElement kin) {
        XmlElement run = XmlElement.like(kin, "r");
        run.append(XmlElement.like(kin, "rPr"))
                .append(XmlElement.like(kin, "vertAlign"))
                .setAttribute("val", "superscript");
        return run;
    }

    private static @Nullable XmlElement callOf(XmlElement from, String name, String id) {
        for (XmlElement child : from.elements()) {
            if (child.is(Ns.W, name) && id.equals(child.attribute("id"))) {
                return child;
            }
            XmlElement below = callOf(child, name, id);
            if (below != null) {
                return below;
            }
        }
        return null;
    }

    private static void rename(XmlElement from, String was, String is) {
        for (XmlElement child : from.elements()) {
            if (child.is(Ns.W, was)) {
                from.insertBefore(XmlElement.like(child, is), child);
                child.remove();
            } else {
                rename(child, was, is);
            }
        }
    }
}
