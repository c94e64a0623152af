package grintel.cli;

import grintel.cli.Problems.UsageException;
import grintel.core.limit.WorkLimits;
import grintel.core.structure.Parts;
import grintel.core.typeset.FaceCatalogue;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import grintel.formats.pdf.PdfDetails;
import grintel.formats.pdf.PdfWriter;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** Writes a paper in another format, told by the ending of the file to write. */
@Command(name = "convert", description = "Writes a paper in another format: .pdf.", mixinStandardHelpOptions = true)
final class ConvertCommand implements Callable<Integer> {
    private final Console console;

    @Option(names = "-o", required = true, paramLabel = "OUT", description = "The file to write.")
    private String out = "";

    @Parameters(paramLabel = "FILE", description = "The paper.")
    private String file = "";

    ConvertCommand(Console console) {
        this.console = console;
    }

    @Override
    public Integer call() {
        if (!out.toLowerCase(Locale.ROOT).endsWith(".pdf")) {
            throw new UsageException(out + ": a paper can be written as .pdf only; let the name end in that.");
        }
        if (PaperFiles.isSame(file, out)) {
            throw new UsageException(out + ": the paper itself is not written over; name another file.");
        }
        byte[] bytes = PaperFiles.read(file);
        byte[] pdf;
        Proof proof;
        try {
            DocxFile paper = DocxFile.read(bytes);
            proof = Typesetter.typeset(paper.paper(), WorkLimits.within(CheckCommand.TIME_LIMIT));
            Parts parts = Parts.recognise(paper.paper(), proof);
            String name = String.valueOf(Path.of(file).getFileName());
            pdf = PdfWriter.write(paper, proof, parts, PdfDetails.of(paper.paper(), parts, name, Instant.now()));
        } catch (RuntimeException | OutOfMemoryError | StackOverflowError e) {
            throw new UsageException(file + ": " + Problems.sentence(e));
        }
        PaperFiles.write(out, pdf);
        proof.faces().forEach((asked, choice) -> {
            String name = FaceCatalogue.shipped().name(choice.family());
            if (!name.equalsIgnoreCase(asked)) {
                console.print(asked + " is set in " + name
                        + (choice.exact() ? ", which has the same widths" : ", whose widths differ"));
            }
        });
        proof.remarks().forEach(console::print);
        console.print(
                out + ": written, " + proof.pages().size() + (proof.pages().size() == 1 ? " page" : " pages"));
        return Main.DONE;
    }
}
