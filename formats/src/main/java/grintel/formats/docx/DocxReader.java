package grintel.formats.docx;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Block;
import grintel.core.paper.Comment;
import grintel.core.paper.DocumentProperties;
import grintel.core.paper.Lists;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paper;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.paper.StyleSheet;
import grintel.formats.UnreadableFileException;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Reads a .docx into a paper. */
public final class DocxReader {
    private static final String AGAIN = " Save the paper as .docx again from the program it was written in.";

    private final OpcPackage opc;
    private final String mainPart;
    private final Map<String, List<Block>> marginalBlocks = new HashMap<>();

    private DocxReader(OpcPackage opc) {
        this.opc = opc;
        this.mainPart = opc.mainPart();
    }

    /**
     * Reads a file.
     *
     * @throws UnreadableFileException when the file cannot be used; the message is for the writer
     */
    public static Paper read(byte[] file) {
        try (OpcPackage opc = OpcPackage.open(file)) {
            return new DocxReader(opc).read();
        } catch (StackOverflowError e) {
            throw new UnreadableFileException("The file is nested too deeply to be read." + AGAIN, e);
        }
    }

    private Paper read() {
        XmlDocument main = opc.part(mainPart);
        XmlElement body = main == null || !main.root().is(Ns.W, "document")
                ? null
                : main.root().child("body");
        if (body == null) {
            throw new UnreadableFileException("The file is no text document: it holds no body of text." + AGAIN);
        }
        ThemeFaces theme = ThemeFaces.read(related("theme"));
        PropertyReader properties = new PropertyReader(theme);
        XmlDocument stylesPart = related("styles");
        StyleSheet styles = StylesReader.read(stylesPart, properties);
        Lists lists = ListsReader.read(related("numbering"), properties);
        PaperSettings settings = settings(related("settings"));
        ReadingState state = new ReadingState(opc, styles, lists, settings, properties);
        List<Section> sections = sections(body, state);
        List<Note> notes = notes(state);
        Paper paper = new Paper(sections, notes, styles, lists, settings, properties(), comments(), state.oddities());
        if (paper.paragraphs().stream().allMatch(Paragraph::isBlank)
                && paper.embedded().stream()
                        .allMatch(each -> each.paragraphs().stream().allMatch(Paragraph::isBlank))) {
            throw new UnreadableFileException("The file holds no text at all. Is it the right one?");
        }
        return paper;
    }

    private @Nullable XmlDocument related(String kind) {
        String target = opc.target(mainPart, kind);
        return target == null ? null : opc.part(target);
    }

    // ---- sections

    private List<Section> sections(XmlElement body, ReadingState state) {
        StoryReader reader = new StoryReader(state, Story.TEXT, mainPart);
        List<Block> blocks = reader.read(body);
        List<XmlElement> marks = sectionMarks(body);
        List<Section> sections = new ArrayList<>();
        List<Block> current = new ArrayList<>();
        Marginals headers = Marginals.NONE;
        Marginals footers = Marginals.NONE;
        int mark = 0;
        for (Block block : blocks) {
            current.add(block);
            if (block instanceof Paragraph paragraph && paragraph.endsSection()) {
                XmlElement properties = marks.get(mark++);
                headers = marginals(properties, "headerReference", Story.Kind.HEADER, headers, state);
                footers = marginals(properties, "footerReference", Story.Kind.FOOTER, footers, state);
                sections.add(section(sections.size(), properties, current, headers, footers));
                current = new ArrayList<>();
            }
        }
        XmlElement last = body.child("sectPr");
        headers = marginals(last, "headerReference", Story.Kind.HEADER, headers, state);
        footers = marginals(last, "footerReference", Story.Kind.FOOTER, footers, state);
        sections.add(section(sections.size(), last, current, headers, footers));
        return sections;
    }

    /** The properties of all sections but the last, in order; only a paragraph directly in the text ends a section. */
    static List<XmlElement> sectionMarks(XmlElement body) {
        List<XmlElement> marks = new ArrayList<>();
        for (XmlElement block : Structure.blocks(body)) {
            WorkLimits.goOn();
            XmlElement mark = Structure.sectionEnd(block);
            if (mark != null) {
                marks.add(mark);
            }
        }
        return marks;
    }

    private static Section section(
            int index, @Nullable XmlElement properties, List<Block> blocks, Marginals headers, Marginals footers) {
        return Section.of(index, PropertyReader.section(properties), blocks, headers, footers);
    }

    private Marginals marginals(
            @Nullable XmlElement properties, String reference, Story.Kind kind, Marginals before, ReadingState state) {
        Map<Marginals.Variant, Marginals.Marginal> out = new EnumMap<>(Marginals.Variant.class);
        before.stories()
                .forEach(
                        (variant, each) -> out.put(variant, new Marginals.Marginal(each.story(), each.blocks(), true)));
        if (properties != null) {
            for (XmlElement each : properties.children(reference)) {
                OpcPackage.Relationship target = opc.relationship(mainPart, each.attribute(Ns.R, "id"));
                XmlDocument document = target == null || target.external() ? null : opc.part(target.target());
                if (target != null && document != null) {
                    Story story = new Story(kind, target.target());
                    List<Block> blocks = marginalBlocks.computeIfAbsent(
                            target.target(), part -> new StoryReader(state, story, part).read(document.root()));
                    out.put(variant(each), new Marginals.Marginal(story, blocks, false));
                }
            }
        }
        return new Marginals(out);
    }

    static Marginals.Variant variant(XmlElement reference) {
        return switch (String.valueOf(reference.attribute("type"))) {
            case "first" -> Marginals.Variant.FIRST;
            case "even" -> Marginals.Variant.EVEN;
            default -> Marginals.Variant.DEFAULT;
        };
    }

    // ---- notes

    private List<Note> notes(ReadingState state) {
        List<Note> notes = new ArrayList<>();
        addNotes("footnotes", "footnote", Story.Kind.FOOTNOTE, state, notes);
        addNotes("endnotes", "endnote", Story.Kind.ENDNOTE, state, notes);
        return notes;
    }

    private void addNotes(String relation, String name, Story.Kind kind, ReadingState state, List<Note> out) {
        String part = opc.target(mainPart, relation);
        XmlDocument document = part == null ? null : opc.part(part);
        if (part == null || document == null) {
            return;
        }
        Map<String, XmlElement> byId = new HashMap<>();
        for (XmlElement element : document.root().children(name)) {
            String id = element.attribute("id");
            String type = element.attribute("type");
            if (id != null && (type == null || type.equals("normal"))) {
                byId.putIfAbsent(id, element);
            }
        }
        for (Story story : state.resolver.called(kind)) {
            XmlElement element = byId.get(story.id());
            if (element != null) {
                String sign = state.resolver.signOf(story);
                out.add(new Note(story, sign, new StoryReader(state, story, part).read(element)));
            }
        }
    }

    private static NumberFormat noteNumbers(@Nullable XmlElement properties, NumberFormat otherwise) {
        XmlElement format = properties == null ? null : properties.child("numFmt");
        NumberFormat said = format == null ? null : PropertyReader.numberFormat(format.attribute("val"));
        return said == null ? otherwise : said;
    }

    // ---- the file as a whole

    private static PaperSettings settings(@Nullable XmlDocument part) {
        PaperSettings initial = PaperSettings.INITIAL;
        if (part == null) {
            return initial;
        }
        XmlElement root = part.root();
        XmlElement tab = root.child("defaultTabStop");
        Integer tabStop = tab == null ? null : Values.twips(tab.attribute("val"));
        XmlElement compatibility = root.child("compat");
        return new PaperSettings(
                tabStop == null || tabStop < 20 ? initial.defaultTabStop() : tabStop,
                on(root, "evenAndOddHeaders"),
                on(root, "mirrorMargins"),
                on(root, "gutterAtTop"),
                compatibility != null && on(compatibility, "doNotUseHTMLParagraphAutoSpacing"),
                on(root, "autoHyphenation"),
                on(root, "trackRevisions"),
                noteNumbers(root.child("footnotePr"), initial.footnoteNumbers()),
                noteNumbers(root.child("endnotePr"), initial.endnoteNumbers()));
    }

    private static boolean on(XmlElement parent, String name) {
        XmlElement child = parent.child(name);
        return child != null && Values.on(child);
    }

    private DocumentProperties properties() {
        String part = opc.target("", "core-properties");
        XmlDocument document = part == null ? null : opc.part(part);
        if (document == null) {
            return DocumentProperties.NONE;
        }
        XmlElement title = document.root().child(Ns.DC, "title");
        XmlElement creator = document.root().child(Ns.DC, "creator");
        return new DocumentProperties(title == null ? "" : title.text(), creator == null ? "" : creator.text());
    }

    private List<Comment> comments() {
        XmlDocument document = related("comments");
        List<Comment> out = new ArrayList<>();
        if (document != null) {
            for (XmlElement each : document.root().children("comment")) {
                String author = each.attribute("author");
                out.add(new Comment(
                        String.valueOf(each.attribute("id")),
                        author == null ? "" : author,
                        Structure.paragraphs(each).stream()
                                .map(XmlElement::text)
                                .collect(Collectors.joining("\n"))));
            }
        }
        return out;
    }
}
