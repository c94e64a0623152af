package grintel.core.rule;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The words a guide asks for in a header, as far as facts and paper tell them. */
public final class HeadWords {
    private HeadWords() {}

    /** The words a header should hold beside the number; null where no one knows them but the writer. */
    public static @Nullable String expected(Examination exam, Head head) {
        Ask ask = exam.ask("running-head.text");
        if (!ask.isAsked()) {
            return null;
        }
        return switch (ask.get(RunningHeadDemands.CONTENT)) {
            case NONE -> "";
            case SURNAME -> exam.surname();
            case SHORT_TITLE -> shortTitle(exam, head);
        };
    }

    /** The short title in capitals: as the facts say it, else as the header does, else the title where that is short. */
    private static @Nullable String shortTitle(Examination exam, Head head) {
        String known = exam.brief().facts().get("short-title");
        if (known != null) {
            return known.toUpperCase(Locale.ROOT);
        }
        String own = head.header().wordsWithoutLabel();
        if (!own.isEmpty()) {
            return own.toUpperCase(Locale.ROOT);
        }
        String title = exam.parts().facts().title();
        Integer most = exam.ask("running-head.length").find(RunningHeadDemands.CHARACTERS);
        return title.isEmpty() || most != null && title.length() > most ? null : title.toUpperCase(Locale.ROOT);
    }

    /** The words asked for that are known without looking at any header; empty where there are none. */
    static String known(Examination exam) {
        Ask ask = exam.ask("running-head.text");
        RunningHeadDemands.Words content =
                ask.isAsked() ? ask.get(RunningHeadDemands.CONTENT) : RunningHeadDemands.Words.NONE;
        String words = switch (content) {
            case NONE -> "";
            case SURNAME -> exam.surname();
            case SHORT_TITLE -> exam.brief().facts().get("short-title");
        };
        return words == null ? "" : words;
    }
}
