package grintel.core.structure;

import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Style;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Recognises the parts of a paper, from its ends inwards: opening, back matter, then what lies between. */
final class Recogniser {
    private static final Pattern HEADING_STYLE = Pattern.compile("heading\\s*([1-9])");
    private static final int QUOTATION_INDENT = 430;
    private static final int LONGEST_HEADING = 16;

    private final List<Look> looks = new ArrayList<>();
    private final List<Paragraph> paragraphs;
    private final Role[] roles;
    private final int[] levels;

    Recogniser(Paper paper, Proof proof) {
        paragraphs = paper.paragraphs();
        for (Paragraph paragraph : paragraphs) {
            looks.add(Look.of(paragraph, proof));
        }
        roles = new Role[paragraphs.size()];
        levels = new int[paragraphs.size()];
    }

    Parts recognise() {
        takeObvious();
        int text = new OpeningRecogniser(looks, roles).recognise();
        int back = takeBackMatter(text);
        takeBody(text, back);
        for (int i = 0; i < roles.length; i++) {
            if (roles[i] == Role.HEADING && levels[i] == 0) {
                levels[i] = styleLevel(i) > 0 ? styleLevel(i) : lookLevel(looks.get(i));
            }
        }
        return new Parts(paragraphs, roles, levels);
    }

    private void takeObvious() {
        Arrays.fill(roles, Role.TEXT);
        for (int i = 0; i < roles.length; i++) {
            Look look = looks.get(i);
            if (look.paragraph().inTable()) {
                roles[i] = Role.TABLE_CELL;
            } else if (look.isBlank()) {
                roles[i] = Role.BLANK;
            } else if (look.text().isEmpty() && look.holdsPicture()) {
                roles[i] = Role.FIGURE;
            }
        }
    }

    /** Lists of sources, notes pages and appendices, from their labels on; gives the index of the first of them. */
    private int takeBackMatter(int from) {
        int first = roles.length;
        int sources = lastSourcesLabel(from);
        Role current = null;
        for (int i = from; i < roles.length; i++) {
            Look look = looks.get(i);
            if (roles[i] == Role.TABLE_CELL || roles[i] == Role.BLANK) {
                continue;
            }
            Role label = i == sources
                    ? Role.SOURCES_LABEL
                    : isNotesLabel(i) ? Role.NOTES_LABEL : isAppendixLabel(i) ? Role.APPENDIX_LABEL : null;
            if (label != null) {
                roles[i] = label;
                current = label;
                first = Math.min(first, i);
            } else if (current == Role.SOURCES_LABEL) {
                roles[i] = isCaption(i) ? Role.CAPTION : roles[i] == Role.FIGURE ? Role.FIGURE : Role.ENTRY;
            } else if (current == Role.NOTES_LABEL) {
                roles[i] = Role.NOTES_ENTRY;
            } else if (current == Role.APPENDIX_LABEL) {
                takeAppendix(i, look);
            }
        }
        return first;
    }

    private void takeAppendix(int index, Look look) {
        int before = index - 1;
        while (before >= 0 && roles[before] == Role.BLANK) {
            before--;
        }
        boolean afterLabel = before >= 0 && roles[before] == Role.APPENDIX_LABEL;
        if (isCaption(index)) {
            roles[index] = Role.CAPTION;
        } else if (afterLabel && look.words() <= LONGEST_HEADING && (look.centred() || look.isBold())) {
            roles[index] = Role.APPENDIX_TITLE;
        } else if (roles[index] != Role.FIGURE) {
            roles[index] = isListItem(index) ? Role.LIST_ITEM : Role.APPENDIX_TEXT;
        }
    }

    private int lastSourcesLabel(int from) {
        for (int i = roles.length - 1; i >= from; i--) {
            boolean candidate =
                    roles[i] != Role.TABLE_CELL && Labels.isSources(looks.get(i).text());
            if (candidate && hasFilledAfter(i)) {
                return i;
            }
        }
        return -1;
    }

    private boolean hasFilledAfter(int index) {
        for (int i = index + 1; i < roles.length; i++) {
            if (roles[i] != Role.BLANK) {
                return true;
            }
        }
        return false;
    }

    private boolean isNotesLabel(int index) {
        Look look = looks.get(index);
        return Labels.isNotes(look.text()) && (look.centred() || look.isBold() || startsPage(index));
    }

    private boolean isAppendixLabel(int index) {
        Look look = looks.get(index);
        return Labels.isAppendix(look.text())
                && look.lines() <= 2
                && (look.centred() || look.isBold() || startsPage(index) || styleLevel(index) > 0);
    }

    private boolean startsPage(int index) {
        for (int i = index - 1; i >= 0; i--) {
            if (roles[i] != Role.BLANK) {
                return looks.get(i).page() < looks.get(index).page();
            }
        }
        return true;
    }

    private void takeBody(int from, int to) {
        for (int i = from; i < to; i++) {
            if (roles[i] != Role.TEXT) {
                continue;
            }
            Look look = looks.get(i);
            if (styleLevel(i) > 0 && look.words() <= 2 * LONGEST_HEADING) {
                roles[i] = Role.HEADING;
                levels[i] = styleLevel(i);
            } else if (isCaption(i)) {
                roles[i] = Role.CAPTION;
            } else if (isTableNote(i)) {
                roles[i] = Role.TABLE_NOTE;
            } else if (isListItem(i)) {
                roles[i] = Role.LIST_ITEM;
            } else if (isBlockQuotation(look)) {
                roles[i] = Role.BLOCK_QUOTATION;
            } else if (isHeadingByLook(i, to)) {
                roles[i] = Role.HEADING;
                levels[i] = lookLevel(look);
            }
        }
    }

    /** A caption stands beside a table or a figure, its title on the line after its number. */
    private boolean isCaption(int index) {
        Look look = looks.get(index);
        if (Labels.isCaption(look.text())) {
            return Labels.isCaptionNumber(look.text()) || isNearObject(index);
        }
        int before = index - 1;
        boolean afterNumber = before >= 0
                && roles[before] == Role.CAPTION
                && Labels.isCaptionNumber(looks.get(before).text());
        return afterNumber && look.words() <= 30 && isNearObject(index);
    }

    private boolean isNearObject(int index) {
        int seen = 0;
        for (int i = index + 1; i < roles.length && seen < 3; i++) {
            if (roles[i] == Role.TABLE_CELL || roles[i] == Role.FIGURE) {
                return true;
            }
            seen += roles[i] == Role.BLANK ? 0 : 1;
        }
        seen = 0;
        for (int i = index - 1; i >= 0 && seen < 2; i--) {
            if (roles[i] == Role.TABLE_CELL || roles[i] == Role.FIGURE) {
                return true;
            }
            seen += roles[i] == Role.BLANK ? 0 : 1;
        }
        return false;
    }

    private boolean isTableNote(int index) {
        for (int i = index - 1; i >= 0; i--) {
            if (roles[i] != Role.BLANK) {
                boolean afterObject =
                        roles[i] == Role.TABLE_CELL || roles[i] == Role.FIGURE || roles[i] == Role.TABLE_NOTE;
                return afterObject && Labels.isTableNote(looks.get(index).text());
            }
        }
        return false;
    }

    private boolean isListItem(int index) {
        Paragraph paragraph = paragraphs.get(index);
        return paragraph.label() != null
                || Labels.isTypedListItem(looks.get(index).text());
    }

    /** Set in from the margin as a whole, not by its first line only. */
    private static boolean isBlockQuotation(Look look) {
        Paragraph paragraph = look.paragraph();
        return !look.centred()
                && look.words() >= 8
                && paragraph.leftIndent() >= QUOTATION_INDENT
                && paragraph.firstLineIndent() > -QUOTATION_INDENT / 2;
    }

    private boolean isHeadingByLook(int index, int end) {
        Look look = looks.get(index);
        if (look.words() == 0 || look.words() > LONGEST_HEADING || look.lines() > 2 || look.endsLikeSentence()) {
            return false;
        }
        boolean marked = look.isBold() || look.isItalic() || look.isUnderlined() || look.centred();
        if (!marked) {
            return false;
        }
        for (int i = index + 1; i < end; i++) {
            if (roles[i] != Role.BLANK) {
                return roles[i] == Role.TEXT || roles[i] == Role.LIST_ITEM || roles[i] == Role.TABLE_CELL;
            }
        }
        return false;
    }

    private static int lookLevel(Look look) {
        if (look.centred()) {
            return look.isBold() ? 1 : 2;
        }
        return look.isBold() ? look.isItalic() ? 3 : 2 : 3;
    }

    /** The level of a heading style, or of an outline level the paragraph has; 0 for none. */
    private int styleLevel(int index) {
        Paragraph paragraph = paragraphs.get(index);
        Style style = paragraph.style();
        if (style != null) {
            Matcher name = HEADING_STYLE.matcher(style.name().toLowerCase(Locale.ROOT));
            if (name.lookingAt()) {
                return Integer.parseInt(name.group(1));
            }
        }
        int outline = paragraph.format().get(ParagraphProperties.OUTLINE_LEVEL);
        return outline < 9 ? outline + 1 : 0;
    }
}
