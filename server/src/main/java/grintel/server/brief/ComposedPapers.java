package grintel.server.brief;

import grintel.core.compose.BlankContent;
import grintel.core.compose.Composer;
import grintel.core.compose.LooseText;
import grintel.core.compose.Outline;
import grintel.core.guide.Brief;
import grintel.formats.docx.DocxWriter;

/** Files of papers made from a brief. */
public final class ComposedPapers {
    private ComposedPapers() {}

    /** A paper with the parts of another, to write into. */
    static byte[] of(BriefChoice choice, Outline outline) {
        return DocxWriter.write(Composer.compose(choice.brief(), outline.content()));
    }

    /** A paper of somebody's own text. */
    public static byte[] of(BriefChoice choice, LooseChoice text) {
        return DocxWriter.write(Composer.compose(choice.brief(), LooseText.content(text.read(), text.settled())));
    }

    /**
     * A paper to write into.
     *
     * @param samples whether sample headings, entries and an appendix are in it
     */
    public static byte[] blank(BriefChoice choice, boolean samples) {
        Brief brief = choice.brief();
        return DocxWriter.write(Composer.compose(brief, BlankContent.of(brief.guide(), samples)));
    }
}
