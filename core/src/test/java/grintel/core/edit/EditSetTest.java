package grintel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.TextRange;
import grintel.core.paper.build.PaperBuilder;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Which edits can be made together, and which stretches of a paragraph edits name. */
class EditSetTest {
    private static TextRange range(int from, int to) {
        return new TextRange(ParagraphAddress.text(0), from, to);
    }

    private static Edit words(int from, int to, String words) {
        return Edit.ReplaceText.words(range(from, to), words);
    }

    private static Edit size(int from, int to, int size) {
        return new Edit.SetProperty(new Target.OfRange(range(from, to)), CharacterProperties.SIZE, size);
    }

    private static Edit bold(int from, int to) {
        return new Edit.SetProperty(new Target.OfRange(range(from, to)), CharacterProperties.BOLD, true);
    }

    private static Edit spacing(int paragraph, LineSpacing spacing) {
        return new Edit.SetProperty(
                new Target.OfParagraph(ParagraphAddress.text(paragraph)), ParagraphProperties.LINE_SPACING, spacing);
    }

    private static Edit remove(int paragraph) {
        return new Edit.RemoveParagraph(ParagraphAddress.text(paragraph));
    }

    private static Edit.WriteMarginal header(boolean addition, Piece... right) {
        MarginalContent content =
                new MarginalContent(List.of(), List.of(), List.of(right), 9360, "Times New Roman", 24);
        return new Edit.WriteMarginal(0, Story.Kind.HEADER, Marginals.Variant.DEFAULT, content, addition);
    }

    private static final Piece NAME = new Piece.Words("Solvane");
    private static final Piece NUMBER = new Piece.Value(Inline.Field.Kind.PAGE);

    @Test
    void wordsAndNumberAddedToOneEmptyHeaderAreOneEdit() {
        EditSet set = new EditSet();
        assertThat(set.add(List.of(header(true, NUMBER)))).isTrue();
        assertThat(set.add(List.of(header(true, NAME)))).isTrue();
        assertThat(set.edits()).containsExactly(header(true, new Piece.Words("Solvane "), NUMBER));
    }

    static Stream<Arguments> pairs() {
        return Stream.of(
                Arguments.of(words(0, 3, "x"), words(3, 6, "y"), true),
                Arguments.of(words(0, 3, "x"), words(2, 6, "y"), false),
                Arguments.of(words(2, 6, "y"), words(0, 3, "x"), false),
                Arguments.of(words(0, 6, "y"), words(2, 3, "x"), false),
                Arguments.of(words(3, 3, "x"), words(3, 3, "y"), false),
                Arguments.of(words(0, 6, "x"), words(3, 3, "y"), false),
                Arguments.of(words(0, 3, "x"), words(3, 3, "y"), true),
                Arguments.of(size(0, 5, 24), size(5, 9, 22), true),
                Arguments.of(size(0, 5, 24), size(4, 9, 22), false),
                Arguments.of(size(0, 5, 24), size(4, 9, 24), true),
                Arguments.of(size(0, 5, 24), bold(0, 5), true),
                Arguments.of(header(true, NUMBER), header(false, NAME), false),
                Arguments.of(header(true, NUMBER), header(true, NUMBER, NAME), false),
                Arguments.of(header(true, NAME), header(true, new Piece.Words("Tamberg")), false),
                Arguments.of(spacing(0, LineSpacing.DOUBLE), spacing(0, LineSpacing.SINGLE), false),
                Arguments.of(spacing(0, LineSpacing.DOUBLE), spacing(1, LineSpacing.SINGLE), true),
                Arguments.of(remove(0), remove(1), true),
                Arguments.of(remove(0), words(0, 3, "x"), false),
                Arguments.of(words(0, 3, "x"), remove(0), false),
                Arguments.of(remove(1), words(0, 3, "x"), true),
                Arguments.of(remove(0), new Edit.SplitParagraph(ParagraphAddress.text(0), 3), false));
    }

    @ParameterizedTest(name = "{0} and {1}: {2}")
    @MethodSource("pairs")
    void twoClashOnlyWhereTheyWantTheSameThingOtherwise(Edit one, Edit other, boolean together) {
        EditSet set = new EditSet();
        assertThat(set.add(List.of(one))).isTrue();
        assertThat(set.add(List.of(other))).isEqualTo(together);
        assertThat(set.edits()).hasSize(together ? 2 : 1);
    }

    @Test
    void oneThatClashesKeepsAllThatComeWithItOut() {
        EditSet set = new EditSet();
        assertThat(set.isEmpty()).isTrue();
        set.add(List.of(words(0, 3, "x")));
        assertThat(set.add(List.of(words(5, 6, "y"), words(1, 2, "z")))).isFalse();
        assertThat(set.edits()).containsExactly(words(0, 3, "x"));
        assertThat(set.add(List.of(words(0, 3, "x")))).as("the very same again").isTrue();
        assertThat(set.edits()).hasSize(1);
    }

    @Test
    void twentyReplacementsInOneRunAreOnePass() {
        EditSet set = new EditSet();
        for (int i = 0; i < 20; i++) {
            assertThat(set.add(List.of(words(3 * i, 3 * i + 2, "x")))).isTrue();
        }
        assertThat(set.edits()).hasSize(20);
    }

    @Test
    void neighbouringRunsOfTheSamePropertiesAreOneHolder() {
        PropertySet small = PropertySet.of(CharacterProperties.SIZE, 20);
        PropertySet large = PropertySet.of(CharacterProperties.SIZE, 28);
        Paper paper = new PaperBuilder()
                .paragraph(each -> each.text("one ", small)
                        .text("two ", small)
                        .text("THREE ", large)
                        .text("four", small))
                .build();
        assertThat(Holder.ofRuns(paper.paragraphs().get(0)))
                .extracting(holder -> ((Target.OfRange) holder.target()).range())
                .containsExactly(range(0, 8), range(8, 14), range(14, 18));
        assertThat(Holder.ofCharacters(paper.paragraphs().get(0))).hasSize(4);
    }
}
