package grintel.core.compose;

import grintel.core.compose.Content.Line;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.PaperBuilder;
import java.util.ArrayList;
import java.util.List;

/** Title page or heading lines, abstract, and the title over the text. */
final class Opening {
    /** Blank lines above the title where it stands in the upper part of its page, as high as a reader expects it. */
    private static final int LINES_ABOVE = 3;
    /** A rough width of a letter, as a part of the type size. */
    private static final double LETTER = 0.5;

    private final Form form;
    private final OpeningWords words;
    private final Content content;
    private final PaperBuilder out;
    private boolean startsPage;

    Opening(Form form, OpeningWords words, Content content, PaperBuilder out) {
        this.form = form;
        this.words = words;
        this.content = content;
        this.out = out;
    }

    void add() {
        boolean titlePage = form.hasTitlePage();
        if (titlePage) {
            titlePage();
            startsPage = true;
        } else {
            headingLines();
        }
        if (form.hasAbstract() && titlePage) {
            summary();
        }
        if (!titlePage || form.asks("opening.text-title")) {
            PropertySet start = start();
            out.paragraph(line -> line.style(Role.TITLE.id())
                    .set(ParagraphProperties.KEEP_WITH_NEXT, true)
                    .set(start)
                    .text(words.of(Element.TITLE)));
        }
        // Without a title page the abstract stands under the title, on the page on which the text begins.
        if (form.hasAbstract() && !titlePage) {
            summary();
        }
    }

    private PropertySet start() {
        return takeStart() ? PropertySet.of(ParagraphProperties.PAGE_BREAK_BEFORE, true) : PropertySet.empty();
    }

    /** Whether the first paragraph after the opening is still to start a page. */
    boolean takeStart() {
        boolean starts = startsPage;
        startsPage = false;
        return starts;
    }

    // ---- title page

    private void titlePage() {
        List<Element> parts = new ArrayList<>(form.titlePageParts());
        boolean note = parts.remove(Element.AUTHOR_NOTE);
        boolean upper = form.asks("opening.title-height");
        int title = Math.max(0, parts.indexOf(Element.TITLE));
        int third = Math.max(form.height() / 3 - form.margin(SheetDemands.TOP) - title * form.lineHeight(), 0);
        int above = upper ? LINES_ABOVE * form.lineHeight() : third;
        int below = upper ? (form.asks("opening.title-gap") ? form.lineHeight() : 0) : lowerThird(parts);
        for (int i = 0; i < parts.size(); i++) {
            boolean isTitle = i == title && parts.get(i) == Element.TITLE;
            // A title that opens the page is lowered; one below other lines stands as far down as they push it.
            int before = isTitle && (title == 0 || !upper) || i == 0 && upper ? above : 0;
            String said = words.of(parts.get(i));
            Role role = isTitle ? Role.TITLE : Role.OPENING_LINE;
            out.paragraph(line -> line.style(role.id())
                    .set(space(before, isTitle ? below : 0))
                    .text(said));
        }
        if (note) {
            int used = above
                    + below
                    + form.lineHeight()
                            * parts.stream()
                                    .mapToInt(part -> lines(words.of(part)))
                                    .sum();
            authorNote(Math.max(form.lineHeight(), form.height() * 5 / 9 - form.margin(SheetDemands.TOP) - used));
        }
    }

    private static PropertySet space(int before, int after) {
        PropertySet space =
                before == 0 ? PropertySet.empty() : PropertySet.of(ParagraphProperties.SPACE_BEFORE, before);
        return after == 0 ? space : space.with(ParagraphProperties.SPACE_AFTER, after);
    }

    /** The gap under a title that brings what follows to two thirds of the page, as far as there is room for it. */
    private int lowerThird(List<Element> parts) {
        int title = parts.indexOf(Element.TITLE);
        int lines = lines(words.of(Element.TITLE));
        int after = parts.subList(title + 1, parts.size()).stream()
                .mapToInt(part -> lines(words.of(part)))
                .sum();
        int bottom = form.height() - form.margin(SheetDemands.BOTTOM);
        int titleEnd = form.height() / 3 + lines * form.lineHeight();
        int room = bottom - titleEnd - after * form.lineHeight();
        return Math.max(0, Math.min(form.height() / 3 - lines * form.lineHeight(), room - form.lineHeight()));
    }

    /** About how many lines words take. */
    private int lines(String said) {
        double letters = form.measure() / (form.size * 10 * LETTER);
        return (int) Math.ceil(said.length() / letters);
    }

    private void authorNote(int above) {
        out.paragraph(line -> line.style(Role.AUTHOR_NOTE_LABEL.id())
                .set(ParagraphProperties.SPACE_BEFORE, above)
                .text("Author Note"));
        List<Line> note =
                content.authorNote().isEmpty() ? List.of(Line.of(words.of(Element.AUTHOR_NOTE))) : content.authorNote();
        for (Line each : note) {
            out.paragraph(line -> Words.add(line.style(Role.TEXT.id()), each));
        }
    }

    private void headingLines() {
        for (Element part : form.headingLines()) {
            for (String said : part == Element.AUTHOR ? words.authors() : List.of(words.of(part))) {
                out.paragraph(line -> line.style(Role.OPENING_LINE.id()).text(said));
            }
        }
    }

    // ---- abstract

    private void summary() {
        PropertySet start = start();
        startsPage = form.hasTitlePage();
        out.paragraph(line -> line.style(Role.ABSTRACT_LABEL.id()).set(start).text("Abstract"));
        for (Line each : content.summary()) {
            out.paragraph(line -> Words.add(line.style(Role.ABSTRACT.id()), each));
        }
        if (form.asks("opening.keywords") && !content.keywords().isEmpty()) {
            out.paragraph(line -> line.style(Role.KEYWORDS.id())
                    .text("Keywords:", PropertySet.of(CharacterProperties.ITALIC, true))
                    .text(" " + String.join(", ", content.keywords())));
        }
    }
}
