package grintel.server.brief;

import grintel.core.compose.Composer;
import grintel.core.compose.SampleContent;
import grintel.core.compose.Specimen;
import grintel.core.guide.Brief;
import grintel.core.limit.WorkLimits;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import grintel.formats.pdf.PdfDetails;
import grintel.formats.pdf.PdfWriter;
import grintel.server.page.AskedUnits;
import grintel.server.security.SignedIn;
import java.time.Clock;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The brief somebody is working on, its specimen, and the papers made from it. */
@RestController
@RequestMapping(path = "/api/brief", produces = "application/json")
class BriefController {
    private static final String DOCX = "application/vnd.openxmlformats-officedocument.wordprocessingml.document";
    private static final String FIRST = "mla-9";
    private static final int TIME_LIMIT = 20;

    private final BriefRepository briefs;
    private final Clock clock;

    BriefController(BriefRepository briefs, Clock clock) {
        this.briefs = briefs;
        this.clock = clock;
    }

    /** The brief as it was left; at first one that knows nothing. */
    @GetMapping
    BriefChoice brief(@AuthenticationPrincipal SignedIn person) {
        return briefs.findById(person.id()).map(StoredBrief::choice).orElseGet(() -> BriefChoice.of(FIRST, null, null));
    }

    @PutMapping
    BriefChoice keep(@AuthenticationPrincipal SignedIn person, @RequestBody BriefChoice wanted) {
        BriefChoice checked = wanted.checked();
        briefs.save(new StoredBrief(person.id(), checked, clock.instant()));
        return checked;
    }

    /** The pages of a brief as they must look. */
    @PostMapping("/specimen")
    SpecimenView specimen(@RequestBody BriefChoice wanted, @RequestParam(defaultValue = "inches") String units) {
        return SpecimenView.of(
                Specimen.of(wanted.checked().brief(), WorkLimits.within(TIME_LIMIT)), AskedUnits.of(units));
    }

    /** The specimen to print or to hand on. */
    @PostMapping(path = "/specimen/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    byte[] specimenPdf(@RequestBody BriefChoice wanted) {
        Brief brief = wanted.checked().brief();
        DocxFile file = DocxFile.read(
                DocxWriter.write(Composer.compose(brief, SampleContent.of(brief.guide())), SampleContent.images()));
        Proof proof = Typesetter.typeset(file.paper(), WorkLimits.within(TIME_LIMIT));
        Parts parts = Parts.recognise(file.paper(), proof);
        return PdfWriter.write(
                file, proof, parts, PdfDetails.of(file.paper(), parts, "specimen.docx", clock.instant()));
    }

    /** The picture in the specimen. */
    @GetMapping(path = "/specimen/picture", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture() {
        return ResponseEntity.ok(SampleContent.images().values().iterator().next());
    }

    /**
     * A new paper of a brief, to write into.
     *
     * @param samples whether sample headings, entries and an appendix are in it
     */
    @PostMapping(path = "/paper", produces = DOCX)
    byte[] paper(@RequestBody BriefChoice wanted, @RequestParam(defaultValue = "true") boolean samples) {
        return ComposedPapers.blank(wanted.checked(), samples);
    }
}
