package grintel.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.Guides;
import grintel.core.paper.Paper;
import grintel.core.specimen.Fault;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What whole papers of each guide are taken for, as they should be and with faults in the looks of their parts. */
class OutlinesTest {
    /** Those whose openings, notes and objects differ most. */
    private static final Set<String> WHOLE = Set.of("apa-7-student", "chicago-notes", "mla-9");

    static Stream<Arguments> papers() {
        return Guides.all().stream()
                .flatMap(guide -> Arrays.stream(Content.values())
                        .filter(content -> content == Content.NOTHING || WHOLE.contains(guide.id()))
                        .map(content -> Arguments.of(guide.id(), content)));
    }

    @ParameterizedTest
    @MethodSource("papers")
    void asTheyShouldBe(String guide, Content content) {
        Specimen specimen = Specimen.of(guide, content);
        Parts parts = Outline.seen(specimen.build(), Corrections.NONE);
        assertThat(parts.facts().title()).isEqualTo(specimen.titleWords);
    }

    @ParameterizedTest
    @MethodSource("faults")
    void aFaultOfTheLooksMakesNothingAnotherPart(String guide, Fault fault) {
        Specimen specimen = Specimen.of(guide, Content.NOTHING);
        fault.lay().accept(specimen);
        Paper right = Specimen.of(guide, Content.NOTHING).build();
        Paper faulty = specimen.build();
        if (right.paragraphs().size() == faulty.paragraphs().size()) {
            assertThat(kinds(faulty)).isEqualTo(kinds(right));
        }
    }

    static Stream<Arguments> faults() {
        return Stream.of("apa-7-student", "mla-9")
                .map(Guides::find)
                .flatMap(guide -> Fault.ALL.stream().map(fault -> Arguments.of(guide.id(), fault)));
    }

    private static List<PartKind> kinds(Paper paper) {
        Parts parts = Outline.of(paper, Corrections.NONE);
        return IntStream.range(0, parts.size()).mapToObj(parts::kind).toList();
    }
}
