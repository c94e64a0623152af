package grintel.formats.docx;

import grintel.core.paper.Inline;
import grintel.core.paper.Revision;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Walks through the content of a story's paragraphs, one after the other, for fields run over paragraphs. Reader and
 * editor both go by the atoms it gives, so that the third character is the same to either.
 */
final class ContentWalker {
    private static final Set<String> OBJECTS = Set.of(
            "footnoteReference", "endnoteReference", "footnoteRef", "endnoteRef", "drawing", "pict", "object", "ruby");

    private final FieldTracker fields = new FieldTracker();
    private List<Atom> out = new ArrayList<>();

    /** The atoms of the next paragraph of the story. */
    List<Atom> walk(XmlElement paragraph) {
        out = new ArrayList<>();
        int number = 0;
        XmlElement given = null;
        for (Structure.Piece piece : Structure.pieces(paragraph)) {
            if (piece.isMath()) {
                add(Atom.Kind.FORMULA, piece, -1, List.of(piece.element()), Formulas.text(piece.element()));
            } else if (!piece.isRun()) {
                add(Atom.Kind.EDGE, piece, -1, List.of(piece.element()), "");
            } else if (piece.revision() == Revision.DELETED) {
                addDeleted(piece, number++);
            } else {
                XmlElement simple = piece.field();
                Inline.Field.Kind kind = simple == null ? null : FieldTracker.kind(simple.attribute("instr"));
                if (simple == null || kind == null) {
                    walkRun(piece, number);
                } else if (!is(simple, given)) {
                    given = simple;
                    addField(piece, number, List.of(simple), piece.element(), simple.text(), kind);
                }
                number++;
            }
        }
        return out;
    }

    @SuppressWarnings("ReferenceEquality") // elements are things, not values
    private static boolean is(XmlElement one, @Nullable XmlElement other) {
        return one == other;
    }

    private void addDeleted(Structure.Piece piece, int number) {
        StringBuilder text = new StringBuilder();
        for (XmlElement child : piece.element().elements()) {
            String characters = child.is(Ns.W, "delText") ? child.text() : characters(child);
            text.append(characters == null ? "" : characters);
        }
        add(Atom.Kind.DELETED, piece, number, List.of(piece.element()), text.toString());
    }

    private void walkRun(Structure.Piece piece, int number) {
        for (XmlElement child : content(piece.element())) {
            if (!child.namespace().equals(Ns.W)) {
                continue;
            }
            String characters = characters(child);
            if (characters != null) {
                addCharacters(piece, number, child, characters);
            } else if (OBJECTS.contains(child.name())) {
                addObject(piece, number, child);
            } else {
                switch (child.name()) {
                    case "fldChar" -> fieldMark(piece, number, child);
                    case "instrText" -> fields.instruction(child);
                    case "commentReference" -> add(Atom.Kind.EDGE, piece, number, List.of(child), "");
                    default -> {}
                }
            }
        }
    }

    private void addCharacters(Structure.Piece piece, int number, XmlElement child, String characters) {
        if (fields.inInstruction()) {
            return;
        }
        boolean tab = child.name().equals("tab") || child.name().equals("ptab");
        boolean lineEnd = child.name().equals("br") || child.name().equals("cr");
        FieldTracker.OpenField live = fields.live();
        if (live != null && !tab && !lineEnd) {
            live.elements.add(child);
            if (!live.given) {
                live.given = true;
                addField(piece, number, live.elements, child, characters, live.kind());
            }
        } else if (!characters.isEmpty()) {
            add(
                    tab ? Atom.Kind.TAB : lineEnd ? Atom.Kind.BREAK : Atom.Kind.TEXT,
                    piece,
                    number,
                    List.of(child),
                    characters);
        }
    }

    private void addObject(Structure.Piece piece, int number, XmlElement child) {
        if (fields.inInstruction()) {
            return;
        }
        int length = switch (child.name()) {
            case "drawing", "pict", "object" -> Drawings.parts(child).size();
            default -> 1;
        };
        if (length > 0) {
            add(Atom.Kind.OBJECT, piece, number, List.of(child), "", length);
        }
    }

    private void fieldMark(Structure.Piece piece, int number, XmlElement child) {
        switch (String.valueOf(child.attribute("fldCharType"))) {
            case "begin" -> fields.begin(child);
            case "separate" -> fields.separate(child);
            case "end" -> {
                FieldTracker.OpenField ended = fields.end(child);
                // A live value whose result showed nothing is given out all the same, so that none is lost.
                if (ended != null && !ended.given && ended.kind() != null && !fields.inInstruction()) {
                    addField(piece, number, ended.elements, child, "", ended.kind());
                }
            }
            default -> {}
        }
    }

    private void addField(
            Structure.Piece piece,
            int number,
            List<XmlElement> mark,
            XmlElement main,
            String shown,
            Inline.Field.@Nullable Kind kind) {
        out.add(new Atom(
                Atom.Kind.FIELD,
                number,
                piece.element(),
                mark,
                main,
                shown,
                kind,
                piece.link(),
                "",
                piece.revision(),
                1));
    }

    private void add(Atom.Kind kind, Structure.Piece piece, int number, List<XmlElement> mark, String text) {
        int length = switch (kind) {
            case TEXT, TAB, BREAK, FORMULA -> text.length();
            case FIELD, OBJECT -> 1;
            case DELETED, EDGE -> 0;
        };
        add(kind, piece, number, mark, text, length);
    }

    private void add(
            Atom.Kind kind, Structure.Piece piece, int number, List<XmlElement> mark, String text, int length) {
        XmlElement simple = piece.field();
        String link = simple == null ? fields.link() : FieldTracker.link(String.valueOf(simple.attribute("instr")));
        out.add(new Atom(
                kind,
                number,
                piece.element(),
                mark,
                mark.get(0),
                text,
                null,
                piece.link(),
                link,
                piece.revision(),
                length));
    }

    /** The children of a run, alternate content resolved. */
    private static List<XmlElement> content(XmlElement run) {
        List<XmlElement> children = run.elements();
        if (children.stream().noneMatch(child -> child.is(Ns.MC, "AlternateContent"))) {
            return children;
        }
        List<XmlElement> resolved = new ArrayList<>();
        for (XmlElement child : children) {
            XmlElement branch = child.is(Ns.MC, "AlternateContent") ? Structure.branch(child) : null;
            if (branch != null) {
                resolved.addAll(branch.elements());
            } else {
                resolved.add(child);
            }
        }
        return resolved;
    }

    /** The characters an element of a run stands for, one each for tabs, breaks and symbols; null for others. */
    static @Nullable String characters(XmlElement element) {
        if (!element.namespace().equals(Ns.W)) {
            return null;
        }
        return switch (element.name()) {
            case "t" -> element.text();
            case "tab", "ptab" -> "\t";
            case "br", "cr" -> "\n";
            case "noBreakHyphen" -> "\u2011";
            case "softHyphen" -> "\u00AD";
            case "sym" -> symbol(element);
            default -> null;
        };
    }

    private static String symbol(XmlElement element) {
        String code = element.attribute("char");
        try {
            int value = code == null ? 0 : Integer.parseInt(code, 16);
            // Symbol faces keep their characters in the private use area from F000 (§17.3.3.30).
            int shown = value >= 0xF020 && value <= 0xF0FF ? SymbolFaces.unicode(value & 0xFF) : value;
            return Character.isValidCodePoint(shown) && shown >= ' ' && shown <= 0xFFFF
                    ? String.valueOf((char) shown)
                    : "\uFFFD";
        } catch (NumberFormatException e) {
            return "\uFFFD";
        }
    }
}
