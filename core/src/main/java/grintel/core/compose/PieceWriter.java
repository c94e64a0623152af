package grintel.core.compose;

import grintel.core.compose.Content.Figure;
import grintel.core.compose.Content.Grid;
import grintel.core.compose.Content.Heading;
import grintel.core.compose.Content.Line;
import grintel.core.compose.Content.Listing;
import grintel.core.compose.Content.Piece;
import grintel.core.compose.Content.Quotation;
import grintel.core.compose.Content.Text;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.paper.Lengths;
import grintel.core.paper.ListLevel;
import grintel.core.paper.Lists;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.build.PaperBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Sets the things of a text one after the other. */
final class PieceWriter {
    private static final int BULLETS = 1;
    private static final int HANGING = Lengths.inches(0.25);

    private final Form form;
    private final PaperBuilder out;
    private final ObjectWriter objects;
    private final Story.Kind notes;
    private boolean startsPage;
    private boolean continues;
    private @Nullable Line runIn;
    private int runInLevel;
    private int lists;

    /**
     * @param letter what stands before the numbers of tables and figures: that of an appendix, or nothing
     */
    PieceWriter(Form form, PaperBuilder out, String letter) {
        this.form = form;
        this.out = out;
        objects = new ObjectWriter(form, out, letter);
        notes = form.notesAtEnd() ? Story.Kind.ENDNOTE : Story.Kind.FOOTNOTE;
    }

    /** Lets the next thing start a page. */
    void startPage() {
        startsPage = true;
    }

    /** Sets these things, in order. */
    void add(List<Piece> pieces) {
        pieces.forEach(this::add);
        finish();
    }

    private void add(Piece piece) {
        if (piece instanceof Text text) {
            text(text.line());
        } else if (piece instanceof Heading heading) {
            heading(heading);
        } else if (piece instanceof Quotation quotation) {
            quotation(quotation);
        } else if (piece instanceof Listing listing) {
            listing(listing);
        } else if (piece instanceof Grid grid) {
            objects.table(grid);
        } else if (piece instanceof Figure figure) {
            objects.figure(figure);
        }
    }

    private PropertySet start() {
        boolean starts = startsPage;
        startsPage = false;
        return starts ? PropertySet.of(ParagraphProperties.PAGE_BREAK_BEFORE, true) : PropertySet.empty();
    }

    private void text(Line words) {
        PropertySet start = start();
        // What opens in lower case after a block goes on in the sentence before it, and is not set in.
        boolean goesOn = continues && opensLow(words.words());
        continues = false;
        Line heading = runIn;
        runIn = null;
        out.paragraph(line -> {
            line.style(Role.TEXT.id()).set(start);
            if (goesOn) {
                line.set(ParagraphProperties.INDENT_FIRST_LINE, 0);
            }
            if (heading != null) {
                line.runStyle(Role.heading(runInLevel)).text(stopped(heading)).runStyle(null);
                line.text(" ");
            }
            Words.add(line, words, notes);
        });
    }

    private static boolean opensLow(String words) {
        return !words.isEmpty() && Character.isLowerCase(words.codePointAt(0));
    }

    /** A heading of a level the guide does not have takes the form of the lowest it has; without any it stands as text. */
    private void heading(Heading heading) {
        List<HeadingForm> levels = form.headings();
        if (levels.isEmpty()) {
            text(heading.line());
            return;
        }
        int level = Math.min(heading.level(), levels.size());
        HeadingForm look = levels.get(level - 1);
        if (look.runIn()) {
            finish();
            runIn = heading.line();
            runInLevel = level;
            return;
        }
        PropertySet start = start();
        out.paragraph(line -> line.style(Role.heading(level))
                .set(start)
                .text(look.fullStop() ? stopped(heading.line()) : heading.line().words()));
    }

    /** Sets a run-in heading that no text follows. */
    private void finish() {
        if (runIn != null) {
            text(Line.of(""));
        }
    }

    private static String stopped(Line heading) {
        String words = heading.words().stripTrailing();
        return words.isEmpty() || ".?!".indexOf(words.charAt(words.length() - 1)) >= 0 ? words : words + ".";
    }

    private void quotation(Quotation quotation) {
        List<Line> paragraphs = quotation.paragraphs();
        for (int i = 0; i < paragraphs.size(); i++) {
            int indent = i == 0 ? 0 : form.indent;
            // A gap stands around the whole, not inside it.
            boolean last = i == paragraphs.size() - 1;
            PropertySet.Builder own = new PropertySet.Builder();
            if (indent > 0) {
                own.set(ParagraphProperties.INDENT_FIRST_LINE, indent).set(ParagraphProperties.SPACE_BEFORE, 0);
            }
            if (!last && form.quotationGap() > 0) {
                own.set(ParagraphProperties.SPACE_AFTER, 0);
            }
            Line words = paragraphs.get(i);
            out.paragraph(line -> Words.add(line.style(Role.QUOTATION.id()).set(own.build()), words, notes));
        }
        continues = true;
    }

    private void listing(Listing listing) {
        int number = listing.numbered() ? BULLETS + 1 + lists++ : BULLETS;
        out.list(number, definition(number, listing.numbered()));
        for (Line item : listing.items()) {
            out.paragraph(line -> Words.add(
                    line.style(Role.LIST_ITEM.id())
                            .set(ParagraphProperties.INDENT_LEFT, form.indent + HANGING)
                            .set(ParagraphProperties.INDENT_FIRST_LINE, -HANGING)
                            .set(ParagraphProperties.NUMBERING_ID, number),
                    item,
                    notes));
        }
    }

    /** A list of bullets or of numbers. */
    static Lists.Definition definition(int number, boolean numbered) {
        PropertySet none = PropertySet.empty();
        List<ListLevel> levels = new ArrayList<>(Collections.nCopies(
                Lists.LEVELS,
                numbered
                        ? new ListLevel(1, NumberFormat.DECIMAL, "%1.", "tab", "", none, none)
                        : new ListLevel(1, NumberFormat.BULLET, "•", "tab", "", none, none)));
        return new Lists.Definition(number, levels, Map.of());
    }
}
