package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.MarginalContent;
import grintel.core.edit.Piece;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.HeadContent;
import grintel.core.rule.PaperFacts;
import grintel.core.rule.Place;
import grintel.core.rule.RunningHeads.Head;
import grintel.core.typeset.PagePart;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** What the rules of the running head share: the words asked for, places, and headers written anew. */
final class HeadFixes {
    private HeadFixes() {}

    /** The words a header should hold beside the number; null where they depend on a fact that is not known. */
    static @Nullable String expectedWords(Examination exam) {
        Ask ask = exam.brief().guide().ask("running-head.text");
        if (!ask.isAsked()) {
            return null;
        }
        return switch (ask.get(RunningHeadDemands.CONTENT)) {
            case NONE -> "";
            case SURNAME -> surname(exam);
            case SHORT_TITLE -> {
                String title = exam.brief().facts().get("short-title");
                yield title == null ? null : title.toUpperCase(Locale.ROOT);
            }
        };
    }

    /** The surname from the facts, else the last word of the author's line in the paper. */
    private static @Nullable String surname(Examination exam) {
        String known = exam.brief().facts().surname();
        return known != null
                ? known
                : PaperFacts.read(exam.paper(), exam.parts()).surname();
    }

    /** Where these headers stand: their first page each. */
    static List<Place> places(List<Head> heads) {
        return places(heads, HeadFixes::shown);
    }

    /** Where some words of these headers stand, on the first page of each. */
    static List<Place> places(List<Head> heads, Function<HeadContent, String> words) {
        List<Place> places = new ArrayList<>();
        for (Head head : heads) {
            boolean any = !head.header().isBlank();
            places.add(new Place(
                    PagePart.HEADER, head.pages().get(0), any ? 0 : -1, Examination.quote(words.apply(head.header()))));
        }
        return places;
    }

    /** A header as it reads, {@code #} standing for a live number. */
    static String shown(HeadContent content) {
        String number = content.live() ? "#" : content.typed();
        return (content.words() + " " + number).strip();
    }

    /** Edits that write the header of each of these, or let even pages have the usual one. */
    static List<Edit> write(Examination exam, List<Head> heads, String words, boolean number) {
        List<Edit> edits = new ArrayList<>();
        for (Head head : heads) {
            if (head.variant() == Marginals.Variant.EVEN) {
                edits.add(new Edit.SetSetting(Edit.Setting.EVEN_PAGES_DIFFER, false));
            } else {
                edits.add(new Edit.WriteMarginal(
                        head.owner(), Story.Kind.HEADER, head.variant(), content(exam, words, number)));
            }
        }
        return edits.stream().distinct().toList();
    }

    /** One line, flush right, in the type of the text. */
    static MarginalContent content(Examination exam, String words, boolean number) {
        List<Piece> pieces = new ArrayList<>();
        if (!words.isEmpty()) {
            pieces.add(new Piece.Words(number ? words + " " : words));
        }
        if (number) {
            pieces.add(new Piece.Value(Inline.Field.Kind.PAGE));
        }
        return new MarginalContent(
                List.of(),
                List.of(),
                pieces,
                9360,
                exam.bodyType().targetFace(),
                exam.bodyType().targetSize());
    }

    /** Edits that blank the footers of these, where they hold nothing but a number that moves to the header. */
    static List<Edit> blankFooters(Examination exam, List<Head> heads) {
        List<Edit> edits = new ArrayList<>();
        for (Head head : heads) {
            boolean onlyNumber =
                    head.footer().hasNumber() && head.footer().words().isEmpty();
            Marginals.Marginal footer =
                    exam.paper().sections().get(head.section()).footers().get(head.variant());
            if (onlyNumber && footer != null && !footer.inherited()) {
                edits.add(new Edit.WriteMarginal(
                        head.section(), Story.Kind.FOOTER, head.variant(), content(exam, "", false)));
            }
        }
        return edits;
    }

    /** The paragraphs of headers that stand on pages, each once. */
    static List<Paragraph> paragraphs(List<Head> heads) {
        return heads.stream()
                .flatMap(head -> head.header().paragraphs().stream())
                .distinct()
                .toList();
    }
}
