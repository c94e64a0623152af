package grintel.formats.docx;

import grintel.core.paper.Revision;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Finds blocks, rows, cells and runs in the mark-up, looking through what only wraps them: content controls, custom
 * mark-up, tracked changes, alternate content. Reader and editor both walk this way, so that the third paragraph is the
 * same element to either.
 */
final class Structure {
    private static final Set<String> WRAPPERS =
            Set.of("customXml", "smartTag", "ins", "moveTo", "moveFrom", "del", "dir", "bdo");
    private static final Set<String> BLOCKS = Set.of("p", "tbl");
    private static final Set<String> BLOCKS_AND_PIECES = Set.of("p", "tbl", "altChunk");

    /** Extensions whose mark-up is read; a choice that needs others gives way to its fallback. */
    private static final Set<String> UNDERSTOOD = Set.of("wps", "w14", "w15", "wp14", "a14", "pic", "v", "w16");

    private Structure() {}

    /** The paragraphs and tables a container holds, in order. */
    static List<XmlElement> blocks(XmlElement container) {
        return collect(container, BLOCKS);
    }

    /** The paragraphs, tables and pieces of other files a container holds, in order. */
    static List<XmlElement> blocksAndPieces(XmlElement container) {
        return collect(container, BLOCKS_AND_PIECES);
    }

    static List<XmlElement> rows(XmlElement table) {
        return collect(table, Set.of("tr"));
    }

    static List<XmlElement> cells(XmlElement row) {
        return collect(row, Set.of("tc"));
    }

    /** Every paragraph of a story in document order, those in tables included, those in text boxes not. */
    static List<XmlElement> paragraphs(XmlElement container) {
        List<XmlElement> out = new ArrayList<>();
        collectParagraphs(container, out);
        return out;
    }

    private static void collectParagraphs(XmlElement container, List<XmlElement> out) {
        for (XmlElement block : blocks(container)) {
            if (block.name().equals("p")) {
                out.add(block);
            } else {
                for (XmlElement row : rows(block)) {
                    for (XmlElement cell : cells(row)) {
                        collectParagraphs(cell, out);
                    }
                }
            }
        }
    }

    /** What a section says that ends with a paragraph; null for any other block. */
    static @Nullable XmlElement sectionEnd(XmlElement block) {
        XmlElement properties = block.name().equals("p") ? block.child("pPr") : null;
        return properties == null ? null : properties.child("sectPr");
    }

    /** Whether a paragraph carries the end of a section. */
    static boolean endsSection(XmlElement paragraph) {
        return sectionEnd(paragraph) != null;
    }

    /** The tables of a story in the order in which they begin, those inside tables included. */
    static List<XmlElement> tables(XmlElement container) {
        List<XmlElement> out = new ArrayList<>();
        collectTables(container, out);
        return out;
    }

    private static void collectTables(XmlElement container, List<XmlElement> out) {
        for (XmlElement block : blocks(container)) {
            if (block.name().equals("tbl")) {
                out.add(block);
                for (XmlElement row : rows(block)) {
                    cells(row).forEach(cell -> collectTables(cell, out));
                }
            }
        }
    }

    private static List<XmlElement> collect(XmlElement container, Set<String> names) {
        List<XmlElement> out = new ArrayList<>();
        collect(container, out, names);
        return out;
    }

    private static void collect(XmlElement container, List<XmlElement> out, Set<String> names) {
        for (XmlElement child : container.elements()) {
            if (child.namespace().equals(Ns.W)) {
                if (names.contains(child.name())) {
                    out.add(child);
                } else if (child.name().equals("sdt")) {
                    XmlElement content = child.child("sdtContent");
                    if (content != null) {
                        collect(content, out, names);
                    }
                } else if (WRAPPERS.contains(child.name())) {
                    collect(child, out, names);
                }
            } else if (child.is(Ns.MC, "AlternateContent")) {
                XmlElement branch = branch(child);
                if (branch != null) {
                    collect(branch, out, names);
                }
            }
        }
    }

    /** The branch of alternate content that is read: the first choice that is understood, else the fallback. */
    static @Nullable XmlElement branch(XmlElement alternate) {
        for (XmlElement choice : alternate.children("Choice")) {
            String requires = choice.attribute("Requires");
            if (requires != null
                    && UNDERSTOOD.containsAll(List.of(requires.strip().split("\\s+", -1)))) {
                return choice;
            }
        }
        return alternate.child("Fallback");
    }

    /**
     * The runs of a paragraph in document order, tracked deletions included, and what stands between them: formulas, and
     * the ends of bookmarks and comments.
     */
    static List<Piece> pieces(XmlElement paragraph) {
        List<Piece> out = new ArrayList<>();
        collectPieces(paragraph, null, Revision.NONE, null, out);
        return out;
    }

    /** The elements of a paragraph's runs; the place in the list is the run's number. */
    static List<XmlElement> runs(XmlElement paragraph) {
        return pieces(paragraph).stream()
                .filter(Piece::isRun)
                .map(Piece::element)
                .toList();
    }

    private static void collectPieces(
            XmlElement container,
            @Nullable XmlElement link,
            Revision revision,
            @Nullable XmlElement field,
            List<Piece> out) {
        for (XmlElement child : container.elements()) {
            if (child.namespace().equals(Ns.W)) {
                switch (child.name()) {
                    case "r", "bookmarkStart", "bookmarkEnd", "commentRangeStart", "commentRangeEnd" ->
                        out.add(new Piece(child, link, revision, field));
                    case "hyperlink" -> collectPieces(child, child, revision, field, out);
                    case "ins", "moveTo" ->
                        collectPieces(
                                child, link, revision == Revision.DELETED ? revision : Revision.INSERTED, field, out);
                    case "del", "moveFrom" -> collectPieces(child, link, Revision.DELETED, field, out);
                    case "fldSimple" -> collectPieces(child, link, revision, child, out);
                    case "sdt" -> {
                        XmlElement content = child.child("sdtContent");
                        if (content != null) {
                            collectPieces(content, link, revision, field, out);
                        }
                    }
                    case "smartTag", "customXml", "dir", "bdo" -> collectPieces(child, link, revision, field, out);
                    default -> {}
                }
            } else if (child.is(Ns.MC, "AlternateContent")) {
                XmlElement branch = branch(child);
                if (branch != null) {
                    collectPieces(branch, link, revision, field, out);
                }
            } else if (child.is(Ns.M, "oMath") || child.is(Ns.M, "oMathPara")) {
                out.add(new Piece(child, link, revision, field));
            }
        }
    }

    /**
     * A run, or what stands between runs.
     *
     * @param link the hyperlink it stands in, or null
     * @param field the simple field it stands in, or null
     */
    record Piece(
            XmlElement element,
            @Nullable XmlElement link,
            Revision revision,
            @Nullable XmlElement field) {
        boolean isRun() {
            return element.is(Ns.W, "r");
        }

        boolean isMath() {
            return element.namespace().equals(Ns.M);
        }
    }
}
