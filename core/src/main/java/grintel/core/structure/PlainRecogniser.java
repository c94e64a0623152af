package grintel.core.structure;

import grintel.core.paper.Inline;
import java.util.regex.Pattern;

/** Tells what shows at once: cells, blank lines, pictures, formulas, program text. */
final class PlainRecogniser implements Recogniser {
    /** Names of styles for program text; a style of sources is none, nor one that only says that its text is plain. */
    private static final Pattern CODE_STYLE =
            Pattern.compile("\\b(?:source ?code|code|listings?|preformatted|program|verbatim|macro)\\b");

    @Override
    public void claim(Manuscript manuscript, Zones zones, Claims claims) {
        for (int i = 0; i < manuscript.size(); i++) {
            Line line = manuscript.get(i);
            if (manuscript.isInGrid(i)) {
                claims.add(i, PartKind.GRID, 1, "it stands in a table");
            } else if (line.isBlank()) {
                claims.add(i, PartKind.BLANK, 1, "it holds nothing that is seen");
            } else if (manuscript.isPicture(i)) {
                claims.add(i, PartKind.PICTURE, 0.97, "it holds a picture and no words");
            } else if (isFormula(line)) {
                claims.add(i, PartKind.FORMULA, 0.97, "it holds a formula and nothing else");
            } else {
                claimCode(manuscript, claims, i, line);
            }
        }
    }

    private static boolean isFormula(Line line) {
        boolean any = false;
        for (Inline inline : line.paragraph().inlines()) {
            if (inline instanceof Inline.Text text && !text.text().isBlank()) {
                if (text.run().number() >= 0) {
                    return false;
                }
                any = true;
            }
        }
        return any;
    }

    private static void claimCode(Manuscript manuscript, Claims claims, int index, Line line) {
        if (CODE_STYLE.matcher(line.styleName()).find()) {
            claims.add(index, PartKind.CODE, 0.95, "its style is one for program text");
        }
        if (!manuscript.isFixedWidth() && Manuscript.isFixedWidth(line)) {
            claims.add(index, PartKind.CODE, 0.95, "all its letters are equally wide, and those of the text are not");
        }
    }
}
