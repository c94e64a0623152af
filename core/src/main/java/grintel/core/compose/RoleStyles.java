package grintel.core.compose;

import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.Stand;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.TabStops;
import grintel.core.paper.build.PaperBuilder;
import java.util.List;

/** The styles of a composed paper: a real one for each role, each saying only what it does not share with the base. */
final class RoleStyles {
    /** The style of the number that calls a note. */
    static final String NOTE_SIGN = "NoteSign";

    private static final PropertySet NOTHING = PropertySet.empty();

    private final Form form;
    private final PaperBuilder out;

    RoleStyles(Form form, PaperBuilder out) {
        this.form = form;
        this.out = out;
    }

    /** Adds all of them; the base comes first, which makes it the standard one. */
    void add() {
        base();
        add(Role.TEXT, text());
        marginals();
        opening();
        List<HeadingForm> levels = form.headings();
        for (int level = 1; level <= levels.size(); level++) {
            heading(level, levels.get(level - 1));
        }
        add(Role.QUOTATION, apart(quotation()));
        add(Role.LIST_ITEM, NOTHING);
        notes();
        objects();
        back();
    }

    private void add(Role role, PropertySet paragraph) {
        add(role, paragraph, NOTHING);
    }

    private void add(Role role, PropertySet paragraph, PropertySet characters) {
        out.style(Style.of(
                        role.id(),
                        role.styleName(),
                        Style.Kind.PARAGRAPH,
                        role == Role.BASE ? null : Role.BASE.id(),
                        role == Role.BASE,
                        paragraph,
                        characters)
                .followedBy(role.next()));
    }

    // ---- text

    private void base() {
        PropertySet paragraph = new PropertySet.Builder()
                .set(ParagraphProperties.LINE_SPACING, form.line)
                .set(ParagraphProperties.SPACE_BEFORE, form.spaceBefore())
                .set(ParagraphProperties.SPACE_AFTER, form.spaceAfter())
                .set(ParagraphProperties.WIDOW_CONTROL, form.keepsWidows())
                .build();
        PropertySet characters = new PropertySet.Builder()
                .set(CharacterProperties.FACE, form.face)
                .set(CharacterProperties.FACE_HIGH_ANSI, form.face)
                .set(CharacterProperties.FACE_EAST_ASIA, form.face)
                .set(CharacterProperties.FACE_COMPLEX, form.face)
                .set(CharacterProperties.SIZE, form.size)
                .set(CharacterProperties.LANGUAGE, "en-US")
                .build();
        add(Role.BASE, paragraph, characters);
    }

    private PropertySet text() {
        return new PropertySet.Builder()
                .set(ParagraphProperties.ALIGNMENT, form.alignment)
                .set(ParagraphProperties.INDENT_FIRST_LINE, form.indent)
                .build();
    }

    /** Properties with no space above and below but what they say themselves, whatever the base has. */
    private PropertySet apart(PropertySet own) {
        PropertySet none = PropertySet.empty();
        if (form.spaceBefore() != 0) {
            none = none.with(ParagraphProperties.SPACE_BEFORE, 0);
        }
        if (form.spaceAfter() != 0) {
            none = none.with(ParagraphProperties.SPACE_AFTER, 0);
        }
        return own.over(none);
    }

    private PropertySet quotation() {
        return new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, form.quotationIndent())
                .set(ParagraphProperties.LINE_SPACING, form.quotationLine())
                .set(ParagraphProperties.SPACE_BEFORE, form.quotationGap())
                .set(ParagraphProperties.SPACE_AFTER, form.quotationGap())
                .build();
    }

    private void marginals() {
        TabStops edge = new TabStops(
                List.of(new TabStops.Stop(form.measure(), TabStops.Kind.RIGHT, TabStops.Leader.NONE)), List.of());
        PropertySet single = apart(PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE));
        add(
                Role.HEADER,
                form.headWordsLeft() && !form.numberAtFoot()
                        ? single.with(ParagraphProperties.TAB_STOPS, edge)
                        : single.with(
                                ParagraphProperties.ALIGNMENT,
                                form.headWordsLeft() ? Alignment.LEFT : Alignment.RIGHT));
        add(Role.FOOTER, single.with(ParagraphProperties.ALIGNMENT, Alignment.CENTRE));
    }

    // ---- opening

    private void opening() {
        boolean centred = form.hasTitlePage();
        add(Role.OPENING_LINE, centred ? apart(centred()) : NOTHING);
        add(Role.TITLE, centred(), bold(form.titleBold()));
        if (form.hasAbstract()) {
            add(Role.ABSTRACT_LABEL, label(), bold(form.abstractLabelBold()));
            add(Role.ABSTRACT, PropertySet.of(ParagraphProperties.ALIGNMENT, form.alignment));
            add(Role.KEYWORDS, PropertySet.of(ParagraphProperties.INDENT_FIRST_LINE, form.indent));
        }
        if (form.asks("opening.author-note")) {
            add(Role.AUTHOR_NOTE_LABEL, label(), bold(true));
        }
    }

    private static PropertySet centred() {
        return PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
    }

    /** A line of its own over a part: centred, kept with what stands under it, seen in the outline. */
    private static PropertySet label() {
        return centred().with(ParagraphProperties.KEEP_WITH_NEXT, true).with(ParagraphProperties.OUTLINE_LEVEL, 0);
    }

    private static PropertySet bold(boolean is) {
        return is ? PropertySet.of(CharacterProperties.BOLD, true) : NOTHING;
    }

    // ---- headings

    private void heading(int level, HeadingForm heading) {
        PropertySet look = look(heading);
        String id = Role.heading(level);
        PropertySet place = heading.stand() == Stand.CENTRED
                ? centred()
                : heading.stand() == Stand.INDENTED
                        ? PropertySet.of(ParagraphProperties.INDENT_FIRST_LINE, form.indent)
                        : NOTHING;
        if (heading.runIn()) {
            // It shares a paragraph with the text, so it is a style of characters.
            out.style(ofCharacters(id, "heading " + level + " run in", look));
            return;
        }
        out.style(Style.of(
                        id,
                        "heading " + level,
                        Style.Kind.PARAGRAPH,
                        Role.BASE.id(),
                        false,
                        place.with(ParagraphProperties.KEEP_WITH_NEXT, true)
                                .with(ParagraphProperties.OUTLINE_LEVEL, level - 1),
                        look)
                .followedBy(Role.TEXT.id()));
    }

    private static PropertySet look(HeadingForm heading) {
        PropertySet look = bold(heading.bold() == Boldness.BOLD);
        if (heading.slant() == Slant.ITALIC) {
            look = look.with(CharacterProperties.ITALIC, true);
        }
        return heading.underlined() ? look.with(CharacterProperties.UNDERLINE, "single") : look;
    }

    // ---- notes, tables and figures, back matter

    private void notes() {
        PropertySet paragraph = new PropertySet.Builder()
                .set(ParagraphProperties.LINE_SPACING, form.noteLine())
                .set(ParagraphProperties.INDENT_FIRST_LINE, form.noteIndent())
                .set(ParagraphProperties.SPACE_AFTER, form.noteGap())
                .build();
        add(Role.NOTE, apart(paragraph), PropertySet.of(CharacterProperties.SIZE, form.noteSize));
        out.style(ofCharacters(
                NOTE_SIGN,
                "footnote reference",
                PropertySet.of(CharacterProperties.VERTICAL_POSITION, VerticalPosition.SUPERSCRIPT)));
    }

    private static Style ofCharacters(String id, String name, PropertySet look) {
        return Style.of(id, name, Style.Kind.CHARACTER, null, false, NOTHING, look);
    }

    private void objects() {
        PropertySet kept = PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true);
        add(Role.OBJECT_NUMBER, apart(kept));
        add(Role.OBJECT_TITLE, apart(NOTHING));
        add(Role.OBJECT_NOTE, apart(NOTHING));
        add(Role.PICTURE, apart(PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)));
        add(Role.CELL, apart(PropertySet.of(ParagraphProperties.LINE_SPACING, form.tableLine())));
    }

    /** How the words of a caption look. */
    static PropertySet look(CaptionForm caption) {
        PropertySet look = bold(caption.bold() == Boldness.BOLD);
        return caption.slant() == Slant.ITALIC ? look.with(CharacterProperties.ITALIC, true) : look;
    }

    private void back() {
        add(
                Role.SOURCES_LABEL,
                apart(label()).with(ParagraphProperties.PAGE_BREAK_BEFORE, true),
                bold(form.sourcesLabelBold()));
        PropertySet entry = new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, form.hanging())
                .set(ParagraphProperties.INDENT_FIRST_LINE, -form.hanging())
                .set(ParagraphProperties.LINE_SPACING, form.entryLine())
                .set(ParagraphProperties.SPACE_AFTER, form.entryGap())
                .build();
        add(Role.ENTRY, apart(entry));
        add(
                Role.APPENDIX_LABEL,
                label().with(ParagraphProperties.PAGE_BREAK_BEFORE, true),
                bold(form.appendixLabelBold()));
        add(
                Role.APPENDIX_TITLE,
                centred().with(ParagraphProperties.KEEP_WITH_NEXT, true),
                bold(form.appendixLabelBold()));
    }
}
