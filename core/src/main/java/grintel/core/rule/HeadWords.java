package grintel.core.rule;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.language.Letters;
import java.util.List;
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
        return title.isEmpty() || !fits(exam, title) ? null : title.toUpperCase(Locale.ROOT);
    }

    /** A short title where the header's is too long: the title up to its colon, in capitals; empty where none is known. */
    public static String shortened(Examination exam) {
        Ask ask = exam.ask("running-head.text");
        boolean ofTitle = ask.isAsked() && ask.get(RunningHeadDemands.CONTENT) == RunningHeadDemands.Words.SHORT_TITLE;
        String lead = lead(exam);
        return ofTitle && exam.brief().facts().get("short-title") == null && fits(exam, lead)
                ? lead.toUpperCase(Locale.ROOT)
                : "";
    }

    private static String lead(Examination exam) {
        return exam.parts().facts().title().split(":", 2)[0].strip();
    }

    /** Whether words are no longer than the guide lets a short title be. */
    private static boolean fits(Examination exam, String words) {
        Integer most = exam.ask("running-head.length").find(RunningHeadDemands.CHARACTERS);
        return most == null || words.length() <= most;
    }

    /**
     * A short title to offer: the words of the header where they are words of the title, else the title up to its colon;
     * empty where that is too long for a header.
     */
    public static String offered(Examination exam) {
        String title = exam.parts().facts().title();
        String own = exam.heads().reference().header().wordsWithoutLabel();
        List<String> ofTitle = List.of(Letters.words(title).split(" ", -1));
        if (!own.isEmpty() && ofTitle.containsAll(List.of(Letters.words(own).split(" ", -1)))) {
            return own;
        }
        String lead = lead(exam);
        return fits(exam, lead) ? lead : "";
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
