package grintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.util.List;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;

/** An independent judge of PDFs. */
final class Validator {
    static {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private Validator() {}

    /** What a PDF does against a standard, a sentence each. */
    static List<String> failures(byte[] pdf, PDFAFlavour flavour) throws Exception {
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour)) {
            PDFAValidator validator = Foundries.defaultInstance().createValidator(flavour, false);
            ValidationResult result = validator.validate(parser);
            assertThat(result.getTotalAssertions()).isPositive();
            return result.getTestAssertions().stream()
                    .filter(each -> each.getStatus() == TestAssertion.Status.FAILED)
                    .map(each -> each.getRuleId().getClause() + " " + each.getMessage() + " "
                            + each.getLocation().getContext())
                    .toList();
        }
    }
}
