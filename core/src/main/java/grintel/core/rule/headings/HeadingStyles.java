package grintel.core.rule.headings;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.edit.Target;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Origin;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** The heading styles of a file, which readers of its outline go by. */
final class HeadingStyles {
    /** What a heading style may bring along that the line does not have. */
    private static final List<Property<?>> OF_PARAGRAPHS = List.of(
            ParagraphProperties.ALIGNMENT,
            ParagraphProperties.INDENT_LEFT,
            ParagraphProperties.INDENT_FIRST_LINE,
            ParagraphProperties.LINE_SPACING,
            ParagraphProperties.SPACE_BEFORE,
            ParagraphProperties.SPACE_AFTER);

    private static final List<Property<?>> OF_CHARACTERS = List.of(
            CharacterProperties.FACE,
            CharacterProperties.FACE_HIGH_ANSI,
            CharacterProperties.SIZE,
            CharacterProperties.BOLD,
            CharacterProperties.ITALIC,
            CharacterProperties.CAPITALS,
            CharacterProperties.COLOUR);

    private final Paper paper;

    HeadingStyles(Paper paper) {
        this.paper = paper;
    }

    /** The style of a level, or null where the file has none. */
    @Nullable
    Style find(int level) {
        String name = "heading " + level;
        for (Style style : paper.styles().all()) {
            if (style.kind() == Style.Kind.PARAGRAPH
                    && style.name().toLowerCase(Locale.ROOT).equals(name)) {
                return style;
            }
        }
        return null;
    }

    /** Edits that make paragraphs headings of a level and leave them looking as they do. */
    List<Edit> apply(List<Paragraph> paragraphs, int level) {
        List<Edit> edits = new ArrayList<>();
        Style style = find(level);
        if (style == null) {
            style = made(level);
            edits.add(new Edit.CreateStyle(style));
        }
        for (Paragraph paragraph : paragraphs) {
            edits.add(new Edit.ApplyStyle(paragraph.address(), style.id()));
            keepLook(paragraph, style, edits);
        }
        return edits;
    }

    private Style made(int level) {
        Style normal = paper.styles().standard(Style.Kind.PARAGRAPH);
        String id = "Heading" + level;
        while (paper.styles().find(id) != null) {
            id += "a";
        }
        PropertySet form = new PropertySet.Builder()
                .set(ParagraphProperties.OUTLINE_LEVEL, level - 1)
                .set(ParagraphProperties.KEEP_WITH_NEXT, true)
                .build();
        return Style.of(
                id,
                "heading " + level,
                Style.Kind.PARAGRAPH,
                normal == null ? null : normal.id(),
                false,
                form,
                PropertySet.empty());
    }

    private void keepLook(Paragraph paragraph, Style style, List<Edit> edits) {
        for (Property<?> property : OF_PARAGRAPHS) {
            Object is = paragraph.format().get(property);
            if (!paragraph.direct().says(property) && !Objects.equals(is, ofStyle(style, property))) {
                edits.add(new Edit.SetProperty(new Target.OfParagraph(paragraph.address()), property, is));
            }
        }
        for (Holder holder : Holder.ofRuns(paragraph)) {
            for (Property<?> property : OF_CHARACTERS) {
                Object is = holder.format().get(property);
                boolean moves = !(holder.format().origin(property) instanceof Origin.Direct)
                        && !isOfCharacterStyle(holder.format().origin(property));
                if (moves && !Objects.equals(is, ofStyle(style, property))) {
                    edits.add(new Edit.SetProperty(holder.target(), property, is));
                }
            }
        }
    }

    private boolean isOfCharacterStyle(Origin origin) {
        Style style = origin instanceof Origin.OfStyle of ? paper.styles().find(of.id()) : null;
        return style != null && style.kind() == Style.Kind.CHARACTER;
    }

    /** What a style says of a property, itself, by what it builds on, or by the defaults. */
    private Object ofStyle(Style style, Property<?> property) {
        boolean ofCharacters = property.family() == Property.Family.CHARACTER;
        StyleSheet styles = paper.styles();
        List<Style> chain = new ArrayList<>(styles.chain(style));
        if (styles.find(style.id()) == null) {
            Style base = styles.find(style.basedOn());
            chain = new ArrayList<>(styles.chain(base));
            chain.add(style);
        }
        Object said = (ofCharacters ? styles.characterDefaults() : styles.paragraphDefaults()).get(property);
        for (Style each : chain) {
            PropertySet own = ofCharacters ? each.character() : each.paragraph();
            said = own.says(property) ? own.get(property) : said;
        }
        return said == null ? property.initial() : said;
    }
}
