package grintel.server.paper;

import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.server.problem.Problem;
import org.jspecify.annotations.Nullable;

/**
 * What a person chose when bringing a paper.
 *
 * @param guide id of a guide there is
 * @param surname may be empty
 * @param shortTitle may be empty
 */
record BriefChoice(String guide, String surname, String shortTitle) {
    private static final int LONGEST = 200;

    static BriefChoice of(String guide, @Nullable String surname, @Nullable String shortTitle) {
        Guide found = Guides.find(guide);
        if (found == null) {
            throw Problem.badRequest("There is no guide of this name. Choose one of the list.");
        }
        return new BriefChoice(found.id(), clean(surname), clean(shortTitle));
    }

    private static String clean(@Nullable String text) {
        String plain = text == null ? "" : text.strip().replaceAll("\\s+", " ");
        if (plain.length() > LONGEST) {
            throw Problem.badRequest("Surname and short title have at most 200 characters.");
        }
        return plain;
    }

    /** The guide, which was there when the choice was made. */
    Guide found() {
        Guide found = Guides.find(guide);
        if (found == null) {
            throw new IllegalStateException("A stored paper names the guide " + guide);
        }
        return found;
    }

    Brief brief() {
        return Brief.of(found(), null, Facts.of(surname, shortTitle));
    }
}
