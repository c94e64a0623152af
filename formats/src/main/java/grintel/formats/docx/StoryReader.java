package grintel.formats.docx;

import grintel.core.paper.Block;
import grintel.core.paper.Formatting;
import grintel.core.paper.FormattingResolver;
import grintel.core.paper.Inline;
import grintel.core.paper.ListLabel;
import grintel.core.paper.Origin;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads the blocks of one story. */
final class StoryReader {
    private final ReadingState state;
    private final Story story;
    private final String part;
    private final RunReader runs;
    private final TableReader tables;
    private int next;
    private int tableDepth;

    StoryReader(ReadingState state, Story story, String part) {
        this.state = state;
        this.story = story;
        this.part = part;
        this.runs = new RunReader(this, state);
        this.tables = new TableReader(state, this::read);
    }

    Story story() {
        return story;
    }

    /** Name of the part an image's relationship leads to, or empty. */
    String targetOf(@Nullable String relationshipId) {
        OpcPackage.Relationship found = state.opc.relationship(part, relationshipId);
        return found == null || found.external() ? "" : found.target();
    }

    /** Where a hyperlink leads, in the form of {@link Inline.Text#link()}. */
    String linkOf(@Nullable XmlElement hyperlink) {
        if (hyperlink == null) {
            return "";
        }
        OpcPackage.Relationship found = state.opc.relationship(part, hyperlink.attribute(Ns.R, "id"));
        if (found != null && found.external()) {
            return found.target();
        }
        String bookmark = hyperlink.attribute("anchor");
        return bookmark == null ? "#" : "#" + bookmark;
    }

    List<Block> read(XmlElement container) {
        return read(container, null);
    }

    private List<Block> read(XmlElement container, @Nullable Style table) {
        List<Block> out = new ArrayList<>();
        for (XmlElement element : Structure.blocks(container)) {
            if (element.name().equals("p")) {
                out.add(paragraph(element, table));
            } else {
                tableDepth++;
                out.add(tables.read(element));
                tableDepth--;
            }
        }
        noteOddities(container);
        return out;
    }

    private void noteOddities(XmlElement container) {
        for (XmlElement child : container.elements()) {
            switch (child.name()) {
                case "altChunk" -> state.odd("A piece of another file is embedded; it is carried along unread.");
                case "subDoc" -> state.odd("The file refers to a further file; that one is not read.");
                default -> {}
            }
        }
    }

    List<Paragraph> readTextBox(XmlElement content) {
        StoryReader box = new StoryReader(state, new Story(Story.Kind.TEXT_BOX, story.id()), part);
        List<Paragraph> out = new ArrayList<>();
        for (Block block : box.read(content)) {
            if (block instanceof Paragraph paragraph) {
                out.add(paragraph);
            }
        }
        return out;
    }

    Paragraph paragraph(XmlElement element, @Nullable Style table) {
        ParagraphAddress address = new ParagraphAddress(story, next++);
        readBookmarks(element, address);
        XmlElement properties = element.child("pPr");
        Style style = state.styles.effective(styleId(properties, "pStyle"), Style.Kind.PARAGRAPH);
        PropertySet direct = PropertyReader.paragraph(properties);
        ListUse list = list(style, direct);
        Formatting format = state.resolver.paragraph(style, table, list == null ? null : list.layer(), direct);
        XmlElement markProperties = properties == null ? null : properties.child("rPr");
        PropertySet markDirect = state.properties.characters(markProperties);
        Formatting mark = state.resolver.characters(style, table, null, markDirect);
        List<Inline> inlines = new ArrayList<>();
        int run = 0;
        for (Structure.Piece piece : Structure.pieces(element)) {
            if (piece.isMath()) {
                addMath(piece, mark, inlines);
                continue;
            }
            int number = run++;
            if (piece.deleted()) {
                state.deleted++;
                continue;
            }
            if (piece.inserted()) {
                state.inserted++;
            }
            runs.read(piece, number, characters(piece.element(), style, table), inlines);
        }
        return new Paragraph(
                address,
                style,
                format,
                direct,
                mark,
                list == null ? null : label(list, style, table, markDirect),
                inlines,
                properties != null && properties.child("sectPr") != null,
                tableDepth > 0,
                markProperties != null && markProperties.child("del") != null);
    }

    private void readBookmarks(XmlElement element, ParagraphAddress address) {
        for (XmlElement child : element.elements()) {
            String name = child.name().equals("bookmarkStart") ? child.attribute("name") : null;
            if (name != null) {
                state.bookmark(name, address);
            }
        }
    }

    private Formatting characters(XmlElement run, @Nullable Style paragraph, @Nullable Style table) {
        XmlElement properties = run.child("rPr");
        Style character = state.styles.effective(styleId(properties, "rStyle"), Style.Kind.CHARACTER);
        return state.resolver.characters(paragraph, table, character, state.properties.characters(properties));
    }

    private static @Nullable String styleId(@Nullable XmlElement properties, String name) {
        XmlElement style = properties == null ? null : properties.child(name);
        return style == null ? null : style.attribute("val");
    }

    /** Mathematics is read for its characters only; run -1 tells that no edit may address them. */
    private static void addMath(Structure.Piece piece, Formatting format, List<Inline> out) {
        String text = piece.element().text();
        if (!text.isEmpty()) {
            out.add(new Inline.Text(text, -1, 0, format, ""));
        }
    }

    /** The list a paragraph belongs to, by itself or by its style; null for none. */
    private @Nullable ListUse list(@Nullable Style style, PropertySet direct) {
        Integer id = direct.get(ParagraphProperties.NUMBERING_ID);
        Integer level = direct.get(ParagraphProperties.NUMBERING_LEVEL);
        boolean own = id != null;
        if (id == null) {
            for (Style each : state.styles.chain(style)) {
                Integer ofStyle = each.paragraph().get(ParagraphProperties.NUMBERING_ID);
                if (ofStyle != null) {
                    id = ofStyle;
                    Integer said = each.paragraph().get(ParagraphProperties.NUMBERING_LEVEL);
                    level = level != null
                            ? level
                            : said != null ? said : Integer.valueOf(state.numbering.levelOfStyle(ofStyle, each.id()));
                }
            }
        }
        int at = level == null ? 0 : level;
        Numbering.Level defined = id == null || id == 0 ? null : state.numbering.level(id, at);
        if (id == null || defined == null) {
            return null;
        }
        FormattingResolver.ListLayer layer =
                new FormattingResolver.ListLayer(new Origin.Numbering(id, at), defined.paragraph(), own);
        return new ListUse(id, at, defined, layer);
    }

    private ListLabel label(ListUse list, @Nullable Style style, @Nullable Style table, PropertySet mark) {
        String text = SymbolFaces.bullet(state.numbering.next(list.id, list.level));
        PropertySet own = list.defined.character().over(mark);
        return new ListLabel(
                text, list.defined.suffix(), list.defined.format(), state.resolver.characters(style, table, null, own));
    }

    private record ListUse(int id, int level, Numbering.Level defined, FormattingResolver.ListLayer layer) {}
}
