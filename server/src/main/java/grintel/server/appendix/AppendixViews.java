package grintel.server.appendix;

import grintel.core.appendix.AppendixContent;
import grintel.core.appendix.ExportPicture;
import grintel.core.appendix.Material;
import grintel.core.appendix.MaterialKind;
import grintel.core.appendix.Questionnaire;
import grintel.core.appendix.Questionnaire.Line;
import grintel.core.appendix.Questionnaire.Role;
import grintel.core.edit.NewImage;
import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import grintel.core.rule.Measure;
import grintel.core.rule.Wording;
import grintel.formats.image.ImageHeader;
import grintel.formats.text.Export;
import grintel.server.page.LayoutView;
import grintel.server.problem.Problem;
import grintel.server.support.OneLine;
import java.util.Arrays;
import java.util.Base64;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is asked of appendices, and what is answered. */
public final class AppendixViews {
    private static final int LONGEST_LINE = 20_000;

    private AppendixViews() {}

    /** Lines, or a page, that were pasted. */
    public record LinesRequest(
            @Nullable String text, @Nullable String html) {}

    /** What each line was taken for. */
    public record QuestionnaireView(List<LineChoice> lines) {
        public static QuestionnaireView of(Export export) {
            if (export.lines().size() > Questionnaire.MOST_LINES) {
                throw Problem.tooLarge("An appendix is made of at most 5,000 lines.");
            }
            return new QuestionnaireView(Questionnaire.understand(export.lines()).stream()
                    .map(line -> LineChoice.of(line, export.images()))
                    .toList());
        }
    }

    /**
     * A line.
     *
     * @param typed as it came in
     * @param words what is left of it
     * @param role out, heading, instruction, item, option, open_answer or picture
     * @param why what was taken out of it, told in words
     * @param part which appendix it belongs to, counted from 0
     * @param picture the one that stands there, missing in a line of words
     */
    public record LineChoice(
            String typed,
            String words,
            String role,
            @Nullable List<String> why,
            boolean reversed,
            int part,
            @Nullable PictureChoice picture) {
        static LineChoice of(Line line, Map<String, NewImage> images) {
            return new LineChoice(
                    line.typed(),
                    line.words(),
                    line.role().name().toLowerCase(Locale.ROOT),
                    line.why().stream()
                            .map(key -> Wording.told(Measure.word(key)))
                            .toList(),
                    line.reversed(),
                    line.part(),
                    line.picture() == null ? null : PictureChoice.of(line.picture(), images));
        }

        Line read() {
            Role said = named(Role.values(), role, "A line of an appendix is none of this kind.");
            String plain = plain(words);
            if (part < 0 || part > Questionnaire.MOST_LINES) {
                throw Problem.badRequest("An appendix has no part of this number.");
            }
            ExportPicture own = said == Role.PICTURE && picture != null ? picture.read() : null;
            if (said == Role.PICTURE && own == null) {
                throw Problem.badRequest("There is no picture in that line.");
            }
            if (own != null) {
                return new Line(
                        typed, plain.isEmpty() ? Questionnaire.UNSAID : plain, said, List.of(), false, part, own);
            }
            return new Line(typed, plain, plain.isEmpty() ? Role.OUT : said, List.of(), reversed, part);
        }
    }

    /**
     * A picture.
     *
     * @param id the same for the same picture
     * @param width EMU
     * @param height EMU
     * @param data what it shows, as an address that holds all of it (RFC 2397); missing where only its size matters
     */
    public record PictureChoice(
            String id, int width, int height, @Nullable String data) {
        private static final String BASE64 = ";base64,";

        static PictureChoice of(ExportPicture picture, Map<String, NewImage> images) {
            NewImage image = images.get(picture.id());
            if (image == null) {
                throw new IllegalStateException("A picture without an image");
            }
            String bytes = Base64.getEncoder().encodeToString(image.dots());
            return new PictureChoice(
                    picture.id(),
                    picture.width(),
                    picture.height(),
                    "data:" + image.format().mediaType() + BASE64 + bytes);
        }

        ExportPicture read() {
            try {
                ExportPicture read = new ExportPicture(id, width, height);
                standIn(read);
                return read;
            } catch (IllegalArgumentException e) {
                throw notOurs();
            }
        }

        /** What is known by what it shows, whatever the request calls it. */
        @Nullable
        NewImage image() {
            if (data == null) {
                return null;
            }
            byte[] bytes;
            try {
                bytes = Base64.getDecoder().decode(data.substring(data.indexOf(BASE64) + BASE64.length()));
            } catch (IllegalArgumentException e) {
                throw notOurs();
            }
            ImageHeader header = ImageHeader.of(bytes);
            if (header == null || header.format() == null) {
                throw notOurs();
            }
            return NewImage.brought(header.format(), bytes, header.pixels());
        }

        private static Problem notOurs() {
            return Problem.badRequest("A picture did not arrive as it should. Take the questionnaire apart again.");
        }

        /** An image as large as it, that shows nothing. */
        public static NewImage standIn(ExportPicture picture) {
            int across = Math.max(1, (int) (picture.width() / Lengths.EMU_PER_POINT));
            int down = Math.max(1, (int) (picture.height() / Lengths.EMU_PER_POINT));
            return NewImage.standingFor(picture.id(), new Inline.Picture.Pixels(across, down));
        }
    }

    /**
     * What a writer says of a part of the materials.
     *
     * @param part counted from 0
     * @param kind consent, demographics, stimuli, scale, debriefing or other
     * @param abbreviation of a scale's name
     * @param source where a scale is from
     */
    public record MaterialChoice(
            int part,
            String kind,
            @Nullable String title,
            @Nullable String abbreviation,
            @Nullable String source) {
        Material read() {
            MaterialKind said = named(MaterialKind.values(), kind, "A part of an appendix is none of this kind.");
            return new Material(said, plain(title), plain(abbreviation), plain(source));
        }
    }

    /**
     * What a part of the materials is.
     *
     * @param kind as it is chosen
     * @param title on the line under its label, empty where only its writer can name it
     * @param usual whether the title is the usual one of its kind, as nothing in the lines names it
     * @param evidence by what it was told, in words; empty where its writer said it
     */
    public record MaterialView(int part, String kind, String title, boolean usual, String evidence) {
        static MaterialView of(AppendixContent appendix) {
            String evidence = appendix.evidence();
            return new MaterialView(
                    appendix.part(),
                    appendix.material().kind().name().toLowerCase(Locale.ROOT),
                    appendix.title(),
                    appendix.usual(),
                    evidence.isEmpty() ? "" : Wording.told(Measure.word("material-" + evidence)));
        }
    }

    /** The one of a name, or the problem that there is none. */
    private static <E extends Enum<E>> E named(E[] all, @Nullable String name, String none) {
        return Arrays.stream(all)
                .filter(each -> each.name().equalsIgnoreCase(name))
                .findFirst()
                .orElseThrow(() -> Problem.badRequest(none));
    }

    /** On one line, without what no reader sees. */
    private static String plain(@Nullable String typed) {
        String plain = OneLine.of(typed);
        if (plain.length() > LONGEST_LINE) {
            throw Problem.badRequest("A line of an appendix has at most 20,000 characters.");
        }
        return plain;
    }

    /**
     * Lines as somebody settled them.
     *
     * @param materials what the writer says of parts; none for what the lines tell
     * @param order the order of the appendices, each by its place among the lines counted from 0; none for that of the lines
     */
    public record AppendixChoice(
            @Nullable List<LineChoice> lines,
            @Nullable List<MaterialChoice> materials,
            @Nullable List<Integer> order) {
        /** The appendices they make, in their order; refused where they make none. */
        public List<AppendixContent> read() {
            List<AppendixContent> made = inOrderOfLines();
            Set<Integer> places = new LinkedHashSet<>(Objects.requireNonNullElse(order, List.<Integer>of()));
            places.removeIf(place -> place == null || place < 0 || place >= made.size());
            // Of what the order does not name, that of the lines holds.
            for (int place = 0; place < made.size(); place++) {
                places.add(place);
            }
            return places.stream().map(made::get).toList();
        }

        /** What the pictures among the lines show. */
        public AppendixImages images() {
            Map<String, NewImage> out = new HashMap<>();
            for (LineChoice line : Objects.requireNonNullElse(lines, List.<LineChoice>of())) {
                NewImage image = line.picture() == null ? null : line.picture().image();
                if (image != null) {
                    out.put(image.part(), image);
                }
            }
            return new AppendixImages(out);
        }

        /** The appendices they make, as they come. */
        public List<AppendixContent> inOrderOfLines() {
            List<LineChoice> all = Objects.requireNonNullElse(lines, List.of());
            if (all.size() > Questionnaire.MOST_LINES) {
                throw Problem.tooLarge("An appendix is made of at most 5,000 lines.");
            }
            Map<Integer, Material> said = new HashMap<>();
            for (MaterialChoice each : Objects.requireNonNullElse(materials, List.<MaterialChoice>of())) {
                said.put(each.part(), each.read());
            }
            List<AppendixContent> made =
                    AppendixContent.of(all.stream().map(LineChoice::read).toList(), said);
            if (made.isEmpty()) {
                throw Problem.badRequest("No line is left. Keep one at least.");
            }
            return made;
        }
    }

    /** An appendix to be shown on its pages, or made a file. */
    public record AppendixPageRequest(
            AppendixChoice appendix,
            @Nullable UUID paper,
            @Nullable String guide) {}

    /** Appendices in the order of their first mention. */
    public record AppendixOrderView(List<MentionedView> appendices) {}

    /**
     * An appendix and where the paper mentions it first.
     *
     * @param index its place among the lines, counted from 0
     * @param page 0 where it is not mentioned
     * @param sentence the words that mention it
     */
    public record MentionedView(int index, String title, int page, String sentence) {}

    /**
     * The pages of appendices.
     *
     * @param materials what each of them is, in the order of the lines
     */
    public record AppendixPagesView(LayoutView layout, List<MaterialView> materials) {
        public static AppendixPagesView of(LayoutView layout, List<AppendixContent> appendices) {
            return new AppendixPagesView(
                    layout,
                    appendices.stream()
                            .map(MaterialView::of)
                            .sorted(Comparator.comparingInt(MaterialView::part))
                            .toList());
        }
    }
}
