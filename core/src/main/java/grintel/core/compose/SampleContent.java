package grintel.core.compose;

import grintel.core.compose.Content.Appendix;
import grintel.core.compose.Content.Figure;
import grintel.core.compose.Content.Grid;
import grintel.core.compose.Content.Heading;
import grintel.core.compose.Content.Line;
import grintel.core.compose.Content.Listing;
import grintel.core.compose.Content.Piece;
import grintel.core.compose.Content.Quotation;
import grintel.core.compose.Content.Span;
import grintel.core.compose.Content.Text;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.Casing;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.guide.demand.TableDemands;
import grintel.core.guide.value.Value;
import grintel.core.paper.Lengths;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The words of a specimen: one of everything a guide has something to say of, about lamps on an invented coast. */
public final class SampleContent {
    private static final String IMAGE = "word/media/figure1.png";

    private static final String LIGHT =
            "The harbour lamps of this coast were lit by hand until the keepers themselves asked for a second man on the"
                    + " long winter watches, and the ledgers of the four quays tell, night for night, who came, at what"
                    + " hour, and how much oil was left in the morning.";
    private static final String LEDGER =
            "A ledger is a patient witness. It does not say why a lamp was lit late, but it says that it was, and it says"
                    + " so in the same hand and the same ink as it says everything else, so that the reader who has learned"
                    + " to trust it in small things will come to trust it in large ones.";
    private static final String QUAY =
            "On the north quay the lamp was lit at four in the afternoon, on the south quay an hour later, and nobody in"
                    + " the town could say when the custom began or who had first asked for it.";
    private static final String KEEPER =
            "We light the near lamp first, because the near lamp is the one that we can see, and we light the far lamp"
                    + " last, because it is the one that the boats can see; and in between we talk, since a man who walks"
                    + " the wall alone at that hour begins to count his steps, and then he counts the lamps, and then he"
                    + " stops, and stands, and listens to the water until somebody calls him home again, which in those"
                    + " years, with one man to a quay and no boat out after dark, might be a long time.";

    private final Guide guide;
    private final Form form;
    private final boolean dated;
    private final boolean noted;

    private SampleContent(Guide guide) {
        this.guide = guide;
        this.form = new Form(guide);
        dated = guide.source().startsWith("APA");
        noted = guide.source().startsWith("Turabian") || guide.source().startsWith("SBL");
    }

    /** One of everything the guide speaks of. */
    public static Content of(Guide guide) {
        return new SampleContent(guide).content();
    }

    /** The images it shows, by the names of their parts. */
    public static Map<String, byte[]> images() {
        try (InputStream in = SampleContent.class.getResourceAsStream("figure.png")) {
            return Map.of(IMAGE, Objects.requireNonNull(in, "figure.png").readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Content content() {
        return new Content(
                List.of(Line.of(summary())),
                List.of("harbour lamps", "ledgers", "night work"),
                List.of(Line.of("The author thanks the keepers of the four quays, who let their ledgers be read.")),
                text(),
                sources(),
                List.of(new Appendix(
                        "Questions Put to the Keepers",
                        List.of(
                                Text.of("Each keeper was asked the same questions, at the lamp and before it was lit."),
                                new Listing(
                                        true,
                                        List.of(
                                                Line.of("How long have you kept this lamp?"),
                                                Line.of("Who kept it before you?"),
                                                Line.of("What do you do when the oil runs out?")))))));
    }

    /** Long enough for a guide that sets a least length. */
    private static String summary() {
        return String.join(" ", LIGHT, LEDGER, QUAY, "What the ledgers leave out is told by the keepers themselves.");
    }

    // ---- text

    private List<Piece> text() {
        List<Piece> out = new ArrayList<>();
        out.add(new Text(cited(LIGHT)));
        out.add(Text.of(LEDGER));
        out.add(Text.of(QUAY + " " + LEDGER));
        headings(out);
        out.add(Text.of(
                "One keeper of the south quay, asked why he lit the near lamp first, gave an answer that has been"
                        + " told in the town ever since:"));
        out.add(new Quotation(List.of(quoted())));
        out.add(new Text(noted("What he left out, the ledger of his own quay tells: the far lamp was his brother’s.")));
        out.add(Text.of("The sums of a winter stand in " + mention("tables.number", TableDemands.NUMBER, "Table")
                + ", and their course over the years in " + mention("figures.number", FigureDemands.NUMBER, "Figure")
                + ". " + QUAY));
        out.add(table());
        out.add(Text.of(LEDGER));
        out.add(new Figure(
                casing(
                        "figures.title",
                        FigureDemands.TITLE,
                        "Lamps Lit Over Ten Winters",
                        "Lamps lit over ten winters"),
                IMAGE,
                Lengths.EMU_PER_INCH * 4,
                Lengths.EMU_PER_INCH * 2,
                "A line that climbs from 40 lamps in the first winter to 96 in the tenth",
                guide.ask("figures.note").isAsked() ? "Counted by hand from the ledgers of the four quays." : ""));
        out.add(Text.of(QUAY + appendixMention()));
        return out;
    }

    private String appendixMention() {
        return " The questions that were put to the keepers are in the Appendix.";
    }

    /** A citation in the form of the guide, so that every entry is cited. */
    private Line cited(String words) {
        String open = words.substring(0, words.length() - 1);
        return noted
                ? new Line(List.of(Span.plain(words)
                        .noted(Line.alternating(
                                "Jonna Keel, ", "Lamps of the Northern Quays", " (Tidewrack Press, 2016), 14."))))
                : Line.of(open + (dated ? " (Keel, 2016; Verholt, 2004)." : " (Keel 14; Verholt 9)."));
    }

    private Line quoted() {
        return Line.of(KEEPER + (dated ? " (Keel, 2016, p. 14)" : ""));
    }

    private Line noted(String words) {
        return new Line(List.of(Span.plain(words).noted(Line.of("The brother’s own ledger was lost in a flood."))));
    }

    /** Headings of all levels, each but the highest twice, since one part alone divides nothing. */
    private void headings(List<Piece> out) {
        List<HeadingForm> levels = form.headings();
        for (int level = 1; level <= levels.size(); level++) {
            heading(out, levels.get(level - 1), level);
        }
        for (int level = levels.size(); level > 1; level--) {
            heading(out, levels.get(level - 1), level);
        }
        if (!levels.isEmpty()) {
            heading(out, levels.get(0), 1);
        }
    }

    private static void heading(List<Piece> out, HeadingForm form, int level) {
        String words = form.casing() == Casing.SENTENCE ? "A heading of level " : "A Heading of Level ";
        out.add(new Heading(level, Line.of(words + level)));
        out.add(Text.of(QUAY));
    }

    // ---- table and figure

    private Piece table() {
        return new Grid(
                casing("tables.title", TableDemands.TITLE, "Lamps and Oil by Quay", "Lamps and oil by quay"),
                List.of(
                        row("Quay", "Lamps", "Oil in quarts"),
                        row("North", "14", "112"),
                        row("East", "9", "74"),
                        row("South", "21", "168")),
                guide.ask("tables.note").isAsked() ? "Sums of one winter." : "");
    }

    private static List<Line> row(String... cells) {
        List<Line> out = new ArrayList<>();
        for (String cell : cells) {
            out.add(Line.of(cell));
        }
        return out;
    }

    private String casing(String rule, Value<CaptionForm> value, String title, String sentence) {
        CaptionForm asked = form.ask(rule).find(value);
        return asked != null && asked.casing() == Casing.SENTENCE ? sentence : title;
    }

    /** How the text names the first of its kind. */
    private String mention(String rule, Value<CaptionForm> value, String word) {
        CaptionForm asked = form.ask(rule).find(value);
        String words = asked == null ? null : asked.words();
        return words == null ? word + " 1" : words.replace("#", "1").replaceAll("\\.$", "");
    }

    // ---- sources

    private List<Line> sources() {
        return dated
                ? List.of(
                        Line.alternating(
                                "Keel, J. R. (2016). ",
                                "Lamps of the northern quays and of the islands that lie" + " before them",
                                ". Tidewrack Press."),
                        Line.alternating(
                                "Verholt, A. (2004). What the weir ledgers do not say. ",
                                "Journal of Harbour Studies, 12",
                                "(3), 9–31."))
                : List.of(
                        Line.alternating(
                                "Keel, Jonna R. ",
                                "Lamps of the Northern Quays and of the Islands That Lie Before" + " Them",
                                ". Tidewrack Press, 2016."),
                        Line.alternating(
                                "Verholt, Ansel. “What the Weir Ledgers Do Not Say.” ",
                                "Journal of Harbour Studies",
                                ", vol. 12, no. 3, 2004, pp. 9–31."));
    }
}
