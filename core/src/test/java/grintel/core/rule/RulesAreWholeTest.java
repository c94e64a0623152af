package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

import grintel.core.check.Rules;
import grintel.core.guide.demand.Demands;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Every rule that is built is in the catalogue, in its order, has wording and a test class of its own. */
class RulesAreWholeTest {
    @Test
    void rulesStandInTheOrderOfTheCatalogue() {
        List<String> built = Rules.all().stream().map(Rule::id).toList();
        assertThat(built).hasSize(116);
        List<String> inOrder = new ArrayList<>(Demands.ids());
        inOrder.retainAll(built);
        assertThat(built).isEqualTo(inOrder);
    }

    @Test
    void everyRuleHasATestClassAndWording() {
        for (Rule rule : Rules.all()) {
            String test = "grintel.core.rule." + rule.getClass().getSimpleName() + "Test";
            assertThatCode(() -> Class.forName(test)).as(rule.id()).doesNotThrowAnyException();
            assertThat(Wording.title(rule.id())).isNotBlank();
            assertThat(Wording.why(rule.id())).isNotBlank();
        }
    }
}
