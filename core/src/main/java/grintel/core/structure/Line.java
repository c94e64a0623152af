package grintel.core.structure;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Glance;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Style;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A paragraph of the text and how it lies on the page, as far as that tells what it is.
 *
 * @param text its visible words without white space at either end
 * @param glance what that text holds
 * @param page number of the page it starts on, 0 for none
 * @param lines how many lines it takes
 * @param styleLevel the level of its heading style, or of the outline level it has; 0 for none
 */
record Line(Paragraph paragraph, String text, Glance glance, int page, int lines, boolean centred, int styleLevel) {
    private static final Pattern HEADING_STYLE = Pattern.compile("heading\\s*([1-9])", Pattern.CASE_INSENSITIVE);
    private static final int CENTRED_WITHIN = Millipoints.PER_INCH * 15 / 100;
    private static final int AWAY_FROM_MARGIN = Millipoints.PER_INCH * 7 / 10;
    private static final int NO_OUTLINE = 9;
    private static final Set<String> TITLE_STYLES = Set.of("title", "document title");
    private static final String SPACES = "    ";
    private static final Pattern RAISED_NUMBER = Pattern.compile("\\d{1,3}\\.?");

    static Line of(Paragraph paragraph, Proof proof) {
        List<Proof.Placed> placed = proof.lines(paragraph.address());
        String text = paragraph.text().replace(Paragraph.OBJECT, ' ').strip();
        return new Line(
                paragraph,
                text,
                Glance.of(text),
                placed.isEmpty() ? 0 : placed.get(0).page().number(),
                placed.size(),
                isCentred(paragraph, placed),
                styleLevel(paragraph));
    }

    /** Centred by its alignment, or pushed to the middle of the line by tabs, spaces or an indent. */
    private static boolean isCentred(Paragraph paragraph, List<Proof.Placed> placed) {
        if (paragraph.format().get(ParagraphProperties.ALIGNMENT) == Alignment.CENTRE) {
            return true;
        }
        if (placed.size() != 1) {
            return false;
        }
        ProofLine line = placed.get(0).line();
        int left = line.x() - line.columnLeft();
        int right = line.columnRight() - line.right();
        return left > AWAY_FROM_MARGIN && Math.abs(left - right) < CENTRED_WITHIN;
    }

    int words() {
        return glance.words();
    }

    boolean isBlank() {
        return paragraph.isBlank();
    }

    /** Whether it runs over lines as prose does. */
    boolean isProse() {
        return !centred && (lines >= 2 && words() >= 20 || words() >= 25);
    }

    boolean isBold() {
        return every(text -> text.format().get(CharacterProperties.BOLD));
    }

    boolean isItalic() {
        return every(text -> text.format().get(CharacterProperties.ITALIC));
    }

    boolean isUnderlined() {
        return every(text -> !text.format().get(CharacterProperties.UNDERLINE).equals("none"));
    }

    boolean isInCapitals() {
        return every(text -> text.format().get(CharacterProperties.CAPITALS))
                || text.codePoints().anyMatch(Character::isUpperCase)
                        && text.codePoints().noneMatch(Character::isLowerCase);
    }

    /** The largest type in it, in half-points. */
    int size() {
        int largest = 0;
        for (Inline.Text run : paragraph.texts()) {
            largest = Math.max(largest, run.format().get(CharacterProperties.SIZE));
        }
        return largest;
    }

    /** Whether all visible characters are so; false where there are none. */
    boolean every(Predicate<Inline.Text> test) {
        boolean any = false;
        for (Inline.Text run : paragraph.texts()) {
            if (!run.text().isBlank()) {
                if (!test.test(run)) {
                    return false;
                }
                any = true;
            }
        }
        return any;
    }

    /** Whether it ends as a heading does not. */
    boolean endsLikeSentence() {
        return !text.isEmpty() && ".;,!".indexOf(lastLetter()) >= 0;
    }

    /** Whether it ends as a sentence, or the lead to something, may. */
    boolean endsLikeProse() {
        return endsLikeSentence() || !text.isEmpty() && "?:…)".indexOf(lastLetter()) >= 0;
    }

    /** Its last character, closing quotation marks aside. */
    private char lastLetter() {
        int end = text.length() - 1;
        while (end > 0 && "”\"’'»".indexOf(text.charAt(end)) >= 0) {
            end--;
        }
        return text.charAt(end);
    }

    /** Whether hard breaks part it into lines that spaces or tabs set in, one and all. */
    boolean isSetInBySpaces() {
        if (text.indexOf('\n') < 0) {
            return false;
        }
        List<String> parted =
                paragraph.text().lines().filter(line -> !line.isBlank()).toList();
        return parted.size() > 1 && parted.stream().allMatch(line -> line.startsWith(SPACES) || line.startsWith("\t"));
    }

    /** Whether it opens with a raised number of its own typing and goes on after it. */
    boolean opensWithRaisedNumber() {
        for (Inline.Text run : paragraph.texts()) {
            if (!run.text().isBlank()) {
                String number = run.text().strip();
                boolean raised =
                        run.format().get(CharacterProperties.VERTICAL_POSITION) == VerticalPosition.SUPERSCRIPT;
                return raised && RAISED_NUMBER.matcher(number).matches() && number.length() < text.length();
            }
        }
        return false;
    }

    boolean holdsPicture() {
        return paragraph.inlines().stream().anyMatch(Inline.Picture.class::isInstance);
    }

    /** This line, its style saying nothing of headings. */
    Line withoutLevel() {
        return new Line(paragraph, text, glance, page, lines, centred, 0);
    }

    private static int styleLevel(Paragraph paragraph) {
        Style style = paragraph.style();
        if (style != null && style.name().regionMatches(true, 0, "heading", 0, "heading".length())) {
            Matcher name = HEADING_STYLE.matcher(style.name());
            if (name.lookingAt()) {
                return Integer.parseInt(name.group(1));
            }
        }
        int outline = paragraph.format().get(ParagraphProperties.OUTLINE_LEVEL);
        return outline < NO_OUTLINE ? outline + 1 : 0;
    }

    /** Name of its style in lower case, empty for none. */
    String styleName() {
        Style style = paragraph.style();
        return style == null ? "" : style.name().toLowerCase(Locale.ROOT);
    }

    /** Whether its style is named as one for titles. */
    boolean isTitleByStyle() {
        return TITLE_STYLES.contains(styleName());
    }

    /** Whether its style is named as one for subtitles. */
    boolean isSubtitleByStyle() {
        return styleName().equals("subtitle");
    }

    /** Its lines as hard breaks part them. */
    List<String> parted() {
        return text.lines().map(String::strip).filter(line -> !line.isEmpty()).toList();
    }

    /** Left indent in twips, whatever its first line does. */
    int leftIndent() {
        return paragraph.leftIndent();
    }
}
