package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FaceCatalogueTest {
    private final FaceCatalogue faces = FaceCatalogue.shipped();

    @ParameterizedTest
    @CsvSource({
        "Times New Roman,LiberationSerif,true",
        "times new roman,LiberationSerif,true",
        "Arial,LiberationSans,true",
        "Calibri,Carlito,true",
        "Georgia,Gelasio,false",
        "Some Sans Nobody Knows,LiberationSans,false",
        "Nobody Knows This,LiberationSerif,false"
    })
    void choosesAShippedFamily(String name, String family, boolean exact) {
        assertThat(faces.choose(name)).isEqualTo(new FaceCatalogue.Choice(family, exact));
    }

    @Test
    void everyFamilyHasFourStylesThatCanBeMeasured() {
        assertThat(faces.families()).hasSize(8);
        for (String family : faces.families()) {
            for (boolean bold : new boolean[] {false, true}) {
                for (boolean italic : new boolean[] {false, true}) {
                    FaceMetrics face = faces.metrics(family, bold, italic);
                    assertThat(face.advance('n')).as(face.file()).isPositive();
                    assertThat(face.line()).as(face.file()).isBetween(1.0, 1.5);
                }
            }
        }
    }
}
