package grintel.formats.docx;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Block;
import grintel.core.paper.EmbeddedText;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphSource;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.Run;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TabPosition;
import grintel.core.paper.TabStops;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TableLayers;
import grintel.formats.UnreadableFileException;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads the blocks of one story. */
final class StoryReader {
    /** Characters; more than a whole long book has. */
    private static final int LONGEST_PARAGRAPH = 500_000;

    private final ReadingState state;
    private final Story story;
    private final String part;
    private final ContentWalker walker = new ContentWalker();
    private final DrawingReader drawings = new DrawingReader(this);
    private final TableReader tables;
    private int nextParagraph;
    private int nextTable;
    private int tableDepth;

    StoryReader(ReadingState state, Story story, String part) {
        this.state = state;
        this.story = story;
        this.part = part;
        this.tables = new TableReader(state, this::read);
    }

    /** Name of the part an image's relationship leads to, or empty. */
    String targetOf(@Nullable String relationshipId) {
        OpcPackage.Relationship found = state.opc.relationship(part, relationshipId);
        return found == null || found.external() ? "" : found.target();
    }

    /** How many dots the image of a part has, null where that cannot be told. */
    Inline.Picture.@Nullable Pixels pixels(String target) {
        return state.pixels(target);
    }

    List<Block> read(XmlElement container) {
        return read(container, TableLayers.NONE);
    }

    private List<Block> read(XmlElement container, TableLayers table) {
        List<Block> out = new ArrayList<>();
        for (XmlElement element : Structure.blocksAndPieces(container)) {
            WorkLimits.goOn();
            if (element.name().equals("p")) {
                out.add(paragraph(element, table));
            } else if (element.name().equals("altChunk")) {
                out.add(embedded(element));
            } else {
                TableAddress address = new TableAddress(story, nextTable++);
                tableDepth++;
                out.add(tables.read(element, address));
                tableDepth--;
            }
        }
        if (container.child("subDoc") != null) {
            state.odd("The file refers to a further file; that one is not read.");
        }
        return out;
    }

    private EmbeddedText embedded(XmlElement element) {
        String target = targetOf(element.attribute(Ns.R, "id"));
        List<String> lines = EmbeddedFile.paragraphs(target, state.opc.archive().get(target));
        if (lines == null) {
            state.odd("A piece of another file is embedded; it is carried along unread.");
            return new EmbeddedText(List.of());
        }
        state.odd(
                "A piece of another file is embedded; its words are set here in the paper's own type and not measured.");
        Story piece = state.resolver.nextBox(story);
        List<Paragraph> out = new ArrayList<>();
        for (String line : lines) {
            ParagraphSource source =
                    new ParagraphSource(null, PropertySet.empty(), PropertySet.empty(), false, Revision.NONE);
            Run run = state.resolver.unnamedRun(source, TableLayers.NONE);
            out.add(state.resolver.paragraph(
                    new ParagraphAddress(piece, out.size()),
                    source,
                    false,
                    TableLayers.NONE,
                    line.isEmpty() ? List.of() : List.of(new Inline.Text(line, run))));
        }
        return new EmbeddedText(out);
    }

    List<Block> readTextBox(XmlElement content) {
        return new StoryReader(state, state.resolver.nextBox(story), part).read(content);
    }

    private Paragraph paragraph(XmlElement element, TableLayers table) {
        ParagraphAddress address = new ParagraphAddress(story, nextParagraph++);
        XmlElement properties = element.child("pPr");
        XmlElement mark = properties == null ? null : properties.child("rPr");
        ParagraphSource source = new ParagraphSource(
                value(properties, "pStyle"),
                PropertyReader.paragraph(properties),
                state.properties.characters(mark),
                Structure.endsSection(element),
                mark == null
                        ? Revision.NONE
                        : mark.child("del") != null
                                ? Revision.DELETED
                                : mark.child("ins") != null ? Revision.INSERTED : Revision.NONE);
        Style style = state.resolver.paragraphStyle(source.style());
        return state.resolver.paragraph(
                address, source, tableDepth > 0, table, inlines(walker.walk(element), source, style, table));
    }

    /** The inlines that a paragraph's atoms stand for; neighbouring characters of a run are one. */
    private List<Inline> inlines(List<Atom> atoms, ParagraphSource source, @Nullable Style style, TableLayers table) {
        List<Inline> out = new ArrayList<>(atoms.size());
        StringBuilder text = new StringBuilder();
        Run run = null;
        int characters = 0;
        for (int i = 0; i < atoms.size(); i++) {
            Atom atom = atoms.get(i);
            Run here = run(atom, run, source, style, table);
            run = here.number() < 0 ? run : here;
            if (atom.kind() == Atom.Kind.TEXT || atom.kind() == Atom.Kind.FORMULA) {
                text.append(atom.text());
                Atom next = i + 1 < atoms.size() ? atoms.get(i + 1) : null;
                boolean goesOn = next != null
                        && next.kind() == atom.kind()
                        && next.run() == atom.run()
                        && next.link().equals(atom.link());
                refuseEndless(characters += atom.text().length());
                if (!goesOn) {
                    if (!text.isEmpty()) {
                        out.add(new Inline.Text(text.toString(), here));
                    }
                    text.setLength(0);
                }
            } else {
                add(atom, here, out);
            }
        }
        return out;
    }

    private static void refuseEndless(int characters) {
        if (characters > LONGEST_PARAGRAPH) {
            throw new UnreadableFileException(
                    "A single paragraph of the file holds more than " + LONGEST_PARAGRAPH / 1000
                            + ",000 characters; no paper's does. Part it, save the paper and try again.");
        }
    }

    private Run run(Atom atom, @Nullable Run last, ParagraphSource source, @Nullable Style style, TableLayers table) {
        if (atom.run() < 0) {
            return state.resolver.unnamedRun(source, table);
        }
        String link = linkOf(atom);
        if (last != null && last.number() == atom.run() && last.link().equals(link)) {
            return last;
        }
        XmlElement properties = atom.element().child("rPr");
        return state.resolver.run(
                atom.run(),
                style,
                table,
                value(properties, "rStyle"),
                state.properties.characters(properties),
                link,
                atom.revision());
    }

    private void add(Atom atom, Run run, List<Inline> out) {
        switch (atom.kind()) {
            case TAB -> out.add(new Inline.Tab(run, position(atom.only())));
            case BREAK -> out.add(new Inline.Break(breakKind(atom.only()), run));
            case FIELD -> {
                Inline.Field.Kind kind = atom.field();
                if (kind != null) {
                    out.add(new Inline.Field(kind, atom.text(), run));
                }
            }
            case OBJECT -> addObject(atom.only(), run, out);
            case DELETED -> {
                if (!atom.text().isEmpty()) {
                    out.add(new Inline.Deleted(atom.text(), run));
                }
            }
            case EDGE -> addEdge(atom.only(), run, out);
            case TEXT, FORMULA -> throw new IllegalStateException("Characters are gathered before");
        }
    }

    private static Inline.Break.Kind breakKind(XmlElement element) {
        return switch (String.valueOf(element.attribute("type"))) {
            case "page" -> Inline.Break.Kind.PAGE;
            case "column" -> Inline.Break.Kind.COLUMN;
            default -> Inline.Break.Kind.LINE;
        };
    }

    private static @Nullable TabPosition position(XmlElement element) {
        if (!element.name().equals("ptab")) {
            return null;
        }
        TabStops.Kind kind = switch (String.valueOf(element.attribute("alignment"))) {
            case "center" -> TabStops.Kind.CENTRE;
            case "right" -> TabStops.Kind.RIGHT;
            default -> TabStops.Kind.LEFT;
        };
        return new TabPosition(
                kind,
                "margin".equals(element.attribute("relativeTo")),
                PropertyReader.leader(element.attribute("leader")));
    }

    private void addObject(XmlElement element, Run run, List<Inline> out) {
        switch (element.name()) {
            case "footnoteReference" -> addNoteSign(Story.Kind.FOOTNOTE, element, run, out);
            case "endnoteReference" -> addNoteSign(Story.Kind.ENDNOTE, element, run, out);
            case "footnoteRef", "endnoteRef" ->
                out.add(new Inline.NoteSign(story, state.resolver.signOf(story), true, run));
            case "ruby" -> out.add(new Inline.Ruby(textOf(element, "rubyBase"), textOf(element, "rt"), run));
            default -> drawings.read(element, run, out);
        }
    }

    private static String textOf(XmlElement ruby, String name) {
        XmlElement part = ruby.child(name);
        return part == null ? "" : part.text();
    }

    private void addNoteSign(Story.Kind kind, XmlElement element, Run run, List<Inline> out) {
        String id = element.attribute("id");
        String custom = element.attribute("customMarkFollows");
        boolean own = custom != null && (custom.equals("1") || custom.equals("true") || custom.equals("on"));
        Story note = new Story(kind, id == null ? "" : id);
        out.add(new Inline.NoteSign(note, state.resolver.callNote(note, own), false, run));
    }

    private void addEdge(XmlElement element, Run run, List<Inline> out) {
        String id = String.valueOf(element.attribute("id"));
        switch (element.name()) {
            case "bookmarkStart" -> {
                String name = String.valueOf(element.attribute("name"));
                if (state.open(id, name)) {
                    out.add(new Inline.Edge(Inline.Edge.Kind.BOOKMARK_START, name, run));
                }
            }
            case "bookmarkEnd" -> {
                String name = state.bookmark(id);
                if (!name.isEmpty()) {
                    out.add(new Inline.Edge(Inline.Edge.Kind.BOOKMARK_END, name, run));
                }
            }
            case "commentRangeStart" -> out.add(new Inline.Edge(Inline.Edge.Kind.COMMENT_START, id, run));
            case "commentRangeEnd" -> out.add(new Inline.Edge(Inline.Edge.Kind.COMMENT_END, id, run));
            default -> out.add(new Inline.Edge(Inline.Edge.Kind.COMMENT, id, run));
        }
    }

    /** Where the hyperlink leads an atom stands in, in the form of {@link Run#link()}. */
    private String linkOf(Atom atom) {
        XmlElement hyperlink = atom.hyperlink();
        if (hyperlink == null) {
            return atom.link();
        }
        OpcPackage.Relationship found = state.opc.relationship(part, hyperlink.attribute(Ns.R, "id"));
        if (found != null && found.external()) {
            return found.target();
        }
        String bookmark = hyperlink.attribute("anchor");
        return bookmark == null ? "#" : "#" + bookmark;
    }

    private static @Nullable String value(@Nullable XmlElement properties, String name) {
        XmlElement child = properties == null ? null : properties.child(name);
        return child == null ? null : child.attribute("val");
    }
}
