package grintel.core.appendix;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import grintel.core.appendix.AppendixContent.Heading;
import grintel.core.appendix.AppendixContent.Item;
import grintel.core.appendix.AppendixContent.Picture;
import grintel.core.appendix.AppendixContent.Scale;
import grintel.core.appendix.Questionnaire.Line;
import grintel.core.appendix.Questionnaire.Role;
import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.edit.NewImage;
import grintel.core.edit.PaperEditor;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.ImageFormat;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Reading;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class QuestionnaireTest {
    private static final Function<ExportPicture, NewImage> NO_IMAGES = picture -> {
        throw new AssertionError("There is no picture");
    };

    private static final String EXPORT = """
            Start of Block: Sleep in the Harbour
            Please say how far each sentence is true of you.
            Q1 The fog bell wakes me at night.
            ○ Never (1)
            ○ Sometimes (2)
            ○ Always (3)
            Q2_1 I sleep through any signal. (R)
            ○ Never (1)
            ○ Sometimes (2)
            ○ Always (3)
            Display this question if the bell is heard
            Q3 What do you do when it wakes you?
            ________________
            End of Block: Sleep in the Harbour
            Page Break
            Start of Block: About You
            Q4 Which harbour do you keep?
            ○ North (1)
            ○ South (2)
            End of Block: About You
            """;

    private static List<Line> understand(List<String> lines) {
        return Questionnaire.understand(ExportLine.of(lines));
    }

    private static List<Line> lines() {
        return understand(EXPORT.lines().toList());
    }

    @Test
    void eachLineIsKeptOrListedWithTheReasonWhyNot() {
        List<Line> lines = lines();
        assertThat(lines).hasSize(20);
        assertThat(lines)
                .filteredOn(line -> line.role() == Role.OUT)
                .extracting(Line::why)
                .containsExactly(
                        List.of("logic"), List.of("block-marker"), List.of("page-marker"), List.of("block-marker"));
        assertThat(lines.get(0))
                .extracting(Line::words, Line::role)
                .containsExactly("Sleep in the Harbour", Role.HEADING);
        assertThat(lines.get(1).role()).isEqualTo(Role.INSTRUCTION);
        assertThat(lines.get(3))
                .extracting(Line::words, Line::role, Line::why)
                .containsExactly("Never", Role.OPTION, List.of("bubble", "option-code"));
        assertThat(lines.get(6))
                .extracting(Line::words, Line::reversed)
                .containsExactly("I sleep through any signal.", true);
        assertThat(lines.get(12).role()).isEqualTo(Role.OPEN_ANSWER);
        assertThat(lines.get(19).part()).isEqualTo(1);
    }

    @Test
    void answersThatItemsShareStandOnceAndEachBlockIsAnAppendix() {
        List<AppendixContent> appendices = AppendixContent.of(lines(), Map.of());
        assertThat(appendices).extracting(AppendixContent::title).containsExactly("Sleep in the Harbour", "About You");
        assertThat(appendices.get(0).pieces())
                .filteredOn(Scale.class::isInstance)
                .hasSize(1);
        assertThat(appendices.get(0).pieces())
                .filteredOn(Item.class::isInstance)
                .containsExactly(
                        new Item(1, "The fog bell wakes me at night.", false, false, List.of()),
                        new Item(2, "I sleep through any signal.", true, false, List.of()),
                        new Item(3, "What do you do when it wakes you?", false, true, List.of()));
        assertThat(appendices.get(1).pieces())
                .containsExactly(new Item(1, "Which harbour do you keep?", false, false, List.of("North", "South")));
    }

    @Test
    void plainTextStaysAsItIs() {
        List<Line> lines = understand(List.of("Consent", "", "You may stop at any time. Nothing follows from it."));
        assertThat(lines).extracting(Line::role).containsExactly(Role.HEADING, Role.INSTRUCTION);
        assertThat(lines).allMatch(line -> line.why().isEmpty());
    }

    private static final String STUDY = """
            Informed Consent
            Taking part is voluntary, and you may stop at any time. May we keep your answers for ten years?
            ○ I agree to take part (1)
            ○ I do not agree (2)
            Harbour Bell Scale
            Say how far each is true of you.
            Q1 The bell wakes me.
            ○ Never (1)
            ○ Always (2)
            Q2 The bell calms me.
            ○ Never (1)
            ○ Always (2)
            Q3 I hear the bell in my sleep.
            ○ Never (1)
            ○ Always (2)
            Start of Block: Block 3
            https://pictures.example/north-quay
            Demographics
            Q4 How old are you?
            ○ Under 40 (1)
            ○ 40 or over (2)
            Q5 How old is your boat?
            ○ Under 40 (1)
            ○ 40 or over (2)
            Start of Block: End
            Thank you for taking part. The purpose of this study was to hear bells. Did you guess it?
            """;

    @Test
    void consentScalesStimuliQuestionsAboutPeopleAndDebriefingAreKnown() {
        List<Line> lines = understand(STUDY.lines().toList());
        List<AppendixContent> appendices = AppendixContent.of(lines, Map.of());
        assertThat(appendices)
                .extracting(each -> each.material().kind() + " by " + each.evidence() + ": " + each.title())
                .containsExactly(
                        "CONSENT by name: Informed Consent",
                        "SCALE by answers: Harbour Bell Scale",
                        "STIMULI by pictures: Stimulus Materials",
                        "DEMOGRAPHICS by name: Demographics",
                        "DEBRIEFING by words: End");
        assertThat(lines)
                .filteredOn(line -> line.words().endsWith("guess it?"))
                .allMatch(line -> line.role() == Role.INSTRUCTION);
        assertThat(appendices.get(3).pieces())
                .as("answers of questions about people stand with each")
                .hasSize(2)
                .allSatisfy(piece -> assertThat(((Item) piece).options()).hasSize(2));
    }

    @Test
    void aScaleHasItsNameItsAbbreviationAndItsSource() {
        Material scale = new Material(MaterialKind.SCALE, "Harbour Bell Scale", "HBS", "From Verholt (2004)");
        AppendixContent made = AppendixContent.of(lines(), Map.of(0, scale)).get(0);
        assertThat(made.title()).isEqualTo("Harbour Bell Scale (HBS)");
        assertThat(made.source()).isEqualTo("From Verholt (2004).");
        assertThat(made.pieces()).as("the heading is not lost").startsWith(new Heading("Sleep in the Harbour"));
        Guide guide = Guides.all().get(0);
        assertThat(new AppendixInsertion(guide, NO_IMAGES).blocks(List.of(made), 0, 9360, null))
                .last()
                .extracting(block -> block.paragraphs().get(0).characters())
                .isEqualTo("Note. (R) marks an item that is scored in reverse. From Verholt (2004).");
        Material renamed = new Material(MaterialKind.SCALE, "Sleep in the harbour", "", "");
        assertThat(AppendixContent.of(lines(), Map.of(0, renamed)).get(0).pieces())
                .noneMatch(Heading.class::isInstance);
    }

    @Test
    void partsAreKnownInOtherLanguagesAndWhateverSignsStandRoundTheirNames() {
        for (String name :
                List.of("— Consentement éclairé —", "Einwilligungserklärung:", "** Consentimiento informado **")) {
            List<Line> lines = understand(List.of(name, "Oui, non."));
            assertThat(AppendixContent.of(lines, Map.of()).get(0).material().kind())
                    .as(name)
                    .isEqualTo(MaterialKind.CONSENT);
        }
        assertThat(understand(List.of("!".repeat(200_000) + "a"))).hasSize(1);
    }

    @Test
    void anAnswerIsNoNameOfAPart() {
        List<Line> lines = understand(List.of(
                "Q1 What did you notice first?",
                "○ Background (1)",
                "○ Pictures (2)",
                "Pictures",
                "Background",
                "○ Debriefing"));
        assertThat(lines).allMatch(line -> line.part() == 0 && line.role() != Role.HEADING);
    }

    @Test
    void whatNothingNamesIsNamedByItsKind() {
        List<Line> lines = understand(List.of("You may stop at any time; it is voluntary.", "I agree to take part."));
        assertThat(AppendixContent.of(lines, Map.of()))
                .extracting(AppendixContent::title, AppendixContent::usual)
                .containsExactly(tuple("Informed Consent", true));
        assertThat(AppendixContent.of(lines, Map.of(0, Material.of(MaterialKind.OTHER))))
                .extracting(AppendixContent::title)
                .containsExactly("");
    }

    /** A paper with appendices of these lines, of which nothing is off but that the text has yet to mention them. */
    private static Paper broughtIn(Guide guide, Function<ExportPicture, NewImage> images, List<Line> lines) {
        Specimen specimen = Specimen.of(guide.id(), Content.NOTHING);
        Report report = Examiner.examine(specimen.build(), specimen.brief(), WorkLimits.within(20));
        AppendixInsertion insertion = new AppendixInsertion(guide, images);
        Paper paper = PaperEditor.apply(
                report.paper(), insertion.edits(report.examination(), AppendixContent.of(lines, Map.of())));
        assertThat(Examiner.examine(paper, specimen.brief(), WorkLimits.within(20))
                        .findings())
                .as(guide.id())
                .filteredOn(finding -> !finding.rule().equals("appendices.mention"))
                .extracting(Reading::toString)
                .isEmpty();
        return paper;
    }

    @Test
    void inAPaperOfAnyGuideNothingIsOffAfterwardsButItsMention() {
        for (Guide guide : Guides.all()) {
            Paper paper = broughtIn(guide, NO_IMAGES, lines());
            assertThat(paper.paragraphs())
                    .extracting(Paragraph::text)
                    .contains(
                            "1 = Never, 2 = Sometimes, 3 = Always", "2. I sleep through any signal. (R)", "Appendix B");
        }
    }

    private static final int INCH = 914_400;
    private static final NewImage BELL =
            NewImage.brought(ImageFormat.JPEG, new byte[] {7}, new Inline.Picture.Pixels(4000, 2000));

    private static ExportLine bell(String shows) {
        return ExportLine.picture(shows, new ExportPicture(BELL.part(), 20 * INCH, 10 * INCH));
    }

    @Test
    void aPictureIsCalledByWhatItShowsAndStandsBetweenAnItemAndItsAnswers() {
        List<ExportLine> export = List.of(
                ExportLine.of("Bells"),
                ExportLine.of("Q1 Which bell is this?"),
                bell("A cracked bell."),
                ExportLine.of("○ North (1)"),
                ExportLine.of("○ South (2)"),
                bell("IMG_2041.jpeg"),
                bell("Wait..."));
        List<Line> lines = Questionnaire.understand(export);
        assertThat(lines)
                .filteredOn(line -> line.role() == Role.PICTURE)
                .extracting(Line::words)
                .containsExactly("A cracked bell", "Picture 2", "Wait...");
        assertThat(AppendixContent.of(lines, Map.of()).get(0).pieces())
                .filteredOn(piece -> !(piece instanceof Picture))
                .containsExactly(new Item(1, "Which bell is this?", false, false, List.of("North", "South")));
        assertThat(AppendixContent.of(lines, Map.of()).get(0).pieces())
                .filteredOn(Picture.class::isInstance)
                .extracting(piece -> ((Picture) piece).said())
                .containsExactly(true, false, true);
        List<Line> half = Questionnaire.understand(List.of(ExportLine.of("Bells"), bell("A bell"), bell("Two bells")));
        assertThat(AppendixContent.of(half, Map.of()).get(0).material().kind()).isEqualTo(MaterialKind.STIMULI);
    }

    @Test
    void picturesAreFiguresOfTheirAppendixInTheFormOfTheGuideAndOfThePagesSize() {
        List<Line> lines = Questionnaire.understand(List.of(
                ExportLine.of("Bells"), ExportLine.of("Look at each."), bell("a cracked bell"), bell("a whole bell")));
        for (Guide guide : Guides.all()) {
            Paper paper = broughtIn(guide, picture -> BELL, lines);
            assertThat(paper.paragraphs())
                    .as(guide.id())
                    .extracting(Paragraph::text)
                    .anyMatch(text -> text.matches("Fig(ure|\\.) [AB]2\\b.*"));
            assertThat(paper.paragraphs())
                    .flatExtracting(Paragraph::inlines)
                    .filteredOn(Inline.Picture.class::isInstance)
                    .extracting(inline -> ((Inline.Picture) inline).width())
                    .containsOnly(13L * INCH / 2);
        }
    }
}
