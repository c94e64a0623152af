package grintel.formats.pdf;

import grintel.core.paper.Colour;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.core.typeset.Fill;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.PlacedPicture;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import grintel.core.typeset.Type;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.zip.Deflater;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDLayoutAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDAnnotationLink;
import org.apache.pdfbox.pdmodel.interactive.annotation.PDBorderStyleDictionary;
import org.jspecify.annotations.Nullable;

/** Paints one page: grounds, pictures, lines of tables, text in reading order, lines under and through text. */
final class PagePainter {
    private static final float PER_POINT = 1000;
    /** A third of the time of the usual level, for a file a twentieth larger. */
    private static final int COMPRESSION = 3;
    /** As parts of the type size; where the screen draws them too. */
    private static final float UNDERLINE = 0.12f;

    private static final float STRIKE = -0.25f;
    private static final int STROKE = 600;
    private static final float GROUND_TOP = 0.85f;
    private static final float GROUND_HEIGHT = 1.1f;
    private static final Colour HIGHLIGHT = new Colour(0xDDDDDD);

    private final PDDocument document;
    private final PDPage sheet;
    private final ProofPage page;
    private final PdfPictures pictures;
    private final StructureTree structure;
    private final PdfLinks links;
    private final PDResources resources = new PDResources();
    private final ContentStream out = new ContentStream();
    private final TextPainter text;
    private @Nullable PDStructureElement open;
    private @Nullable OpenLink link;

    PagePainter(
            PDDocument document,
            PDPage sheet,
            ProofPage page,
            PdfFonts fonts,
            PdfPictures pictures,
            StructureTree structure,
            PdfLinks links) {
        this.links = links;
        this.document = document;
        this.sheet = sheet;
        this.page = page;
        this.pictures = pictures;
        this.structure = structure;
        this.text = new TextPainter(out, fonts, resources, page.height());
    }

    void paint() throws IOException {
        sheet.setResources(resources);
        sheet.setStructParents(structure.addPage());
        sheet.getCOSObject().setItem(COSName.getPDFName("Tabs"), COSName.S);
        paintArtifacts(true);
        for (PlacedPicture picture : page.pictures()) {
            paintPicture(picture);
        }
        paintArtifacts(false);
        for (ProofLine line : page.lines()) {
            paintLine(line);
        }
        closeContent();
        paintDecorations();
        // As objects of their own these would be three more for each page.
        resources.getCOSObject().setDirect(true);
        for (COSBase each : resources.getCOSObject().getValues()) {
            each.setDirect(true);
        }
        sheet.setContents(new PDStream(compressed()));
    }

    private COSStream compressed() throws IOException {
        COSStream stream = document.getDocument().createCOSStream();
        stream.setItem(COSName.FILTER, COSName.FLATE_DECODE);
        Deflater deflater = new Deflater(COMPRESSION);
        try (OutputStream to = new DeflaterOutputStream(stream.createRawOutputStream(), deflater)) {
            to.write(out.bytes());
        } finally {
            deflater.end();
        }
        return stream;
    }

    // ---- what is no content: grounds, lines, decorations

    private void paintArtifacts(boolean grounds) {
        out.beginArtifact();
        for (Fill fill : page.fills()) {
            if (fill.ground() == grounds) {
                fill(fill.x(), fill.y(), fill.width(), fill.height(), fill.colour());
            }
        }
        if (grounds) {
            eachRun((line, run) -> {
                if (run.type().highlighted()) {
                    float size = size(run.type());
                    fill(
                            run.x(),
                            Math.round(line.y() - size * GROUND_TOP),
                            run.width(),
                            Math.round(size * GROUND_HEIGHT),
                            HIGHLIGHT);
                }
            });
        }
        out.end();
    }

    private void paintDecorations() {
        out.beginArtifact();
        eachRun((line, run) -> {
            if (run.type().underlined()) {
                decorate(line, run, UNDERLINE);
            }
            if (run.type().struck()) {
                decorate(line, run, STRIKE);
            }
        });
        out.end();
    }

    private void eachRun(BiConsumer<ProofLine, GlyphRun> action) {
        for (ProofLine line : page.lines()) {
            for (GlyphRun run : line.runs()) {
                action.accept(line, run);
            }
        }
    }

    private void decorate(ProofLine line, GlyphRun run, float at) {
        int y = Math.round(line.y() + size(run.type()) * at - STROKE / 2f);
        fill(run.x(), y, run.width(), STROKE, run.type().colour());
    }

    private static float size(Type type) {
        return (float) type.points() * PER_POINT;
    }

    /** Millipoints from the top left. */
    private void fill(int x, int y, int width, int height, Colour colour) {
        setColour(colour);
        out.fill(x, page.height() - y - height, width, height);
    }

    private void setColour(Colour wanted) {
        out.colour(Math.max(0, wanted.rgb()));
    }

    // ---- pictures

    private void paintPicture(PlacedPicture picture) throws IOException {
        PdfPictures.Outcome outcome = pictures.get(picture.target());
        PDXObject image = outcome.image();
        Story.Kind kind = picture.paragraph().story().kind();
        boolean content = kind != Story.Kind.HEADER && kind != Story.Kind.FOOTER;
        PDRectangle box = new PDRectangle(
                picture.x() / PER_POINT,
                (page.height() - picture.y() - picture.height()) / PER_POINT,
                picture.width() / PER_POINT,
                picture.height() / PER_POINT);
        if (content) {
            PDStructureElement figure =
                    StructureTree.child(structure.element(picture.paragraph()), StandardStructureTypes.Figure);
            figure.setAlternateDescription(
                    picture.alternative().isBlank() ? "Picture without a description" : picture.alternative());
            PDLayoutAttributeObject layout = new PDLayoutAttributeObject();
            layout.setBBox(box);
            layout.setPlacement(PDLayoutAttributeObject.PLACEMENT_BLOCK);
            figure.addAttribute(layout);
            out.begin(StandardStructureTypes.Figure, structure.addContent(figure, sheet));
        } else {
            out.beginArtifact();
        }
        int bottom = page.height() - picture.y() - picture.height();
        if (image != null && picture.width() > 0 && picture.height() > 0) {
            out.picture(resources.add(image, "Im"), picture.x(), bottom, picture.width(), picture.height());
        } else {
            out.frame(picture.x(), bottom, picture.width(), picture.height());
            GlyphRun label = (picture.isDrawn() ? picture.notDrawn(outcome.reason()) : picture).label();
            if (label != null) {
                out.beginText();
                text.show(label, picture.labelBaseline(), false);
                out.endText();
            }
        }
        out.end();
    }

    // ---- text

    private void paintLine(ProofLine line) throws IOException {
        if (line.runs().isEmpty()) {
            return;
        }
        boolean artifact = line.repeated()
                || line.part() == PagePart.HEADER
                || line.part() == PagePart.FOOTER
                || line.part() == PagePart.BOX && !line.paragraph().story().id().isEmpty();
        if (artifact) {
            closeContent();
            out.beginArtifact();
            out.beginText();
            for (GlyphRun run : line.runs()) {
                setColour(run.type().colour());
                text.show(run, line.y(), false);
            }
            out.endText();
            out.end();
            return;
        }
        PDStructureElement element = structure.element(line.paragraph());
        StructureTree.Label label = line.lineInParagraph() == 0 ? structure.label(line.paragraph()) : null;
        String labelLeft = label == null ? "" : label.text();
        Written written = new Written(line.text());
        List<GlyphRun> runs = line.runs();
        for (int i = 0; i < runs.size(); i++) {
            GlyphRun run = runs.get(i);
            if (run.leader()) {
                closeContent();
                out.beginArtifact();
                out.beginText();
                text.show(run, line.y(), false);
                out.endText();
                out.end();
                continue;
            }
            String read = written.next(run.text());
            PDStructureElement target = element;
            if (label != null && !labelLeft.isEmpty() && labelLeft.startsWith(run.text())) {
                labelLeft = labelLeft.substring(run.text().length());
                target = label.element();
            } else if (links.isLive(run.link())) {
                target = linkElement(element, run.link());
            } else if (!read.equals(run.text())) {
                target = StructureTree.child(element, StandardStructureTypes.SPAN);
                target.setActualText(read);
            }
            openContent(target);
            setColour(run.type().colour());
            text.show(run, line.y(), i == runs.size() - 1 && endsBetweenWords(line));
            if (link != null && links.isLive(run.link())) {
                annotate(line, run, link);
            }
        }
    }

    /** Whether a space belongs between this line and the next, which the page does not show. */
    private static boolean endsBetweenWords(ProofLine line) {
        if (line.text().isEmpty()) {
            return false;
        }
        char last = line.text().charAt(line.text().length() - 1);
        return Character.isLetterOrDigit(last) || ".,;:?!)]”’'\"".indexOf(last) >= 0;
    }

    @SuppressWarnings("ReferenceEquality") // the one element that is open
    private void openContent(PDStructureElement target) {
        if (open == target) {
            return;
        }
        closeContent();
        out.begin(target.getStructureType(), structure.addContent(target, sheet));
        out.beginText();
        open = target;
    }

    private void closeContent() {
        if (open != null) {
            out.endText();
            out.end();
            open = null;
        }
    }

    // ---- links

    @SuppressWarnings("ReferenceEquality") // the element of the same paragraph
    private PDStructureElement linkElement(PDStructureElement parent, String target) {
        if (link == null || link.parent != parent || !link.target.equals(target)) {
            link = new OpenLink(parent, target, StructureTree.child(parent, StandardStructureTypes.LINK));
        }
        return link.element;
    }

    private void annotate(ProofLine line, GlyphRun run, OpenLink on) throws IOException {
        float size = size(run.type());
        PDAnnotationLink annotation = new PDAnnotationLink();
        annotation.setRectangle(new PDRectangle(
                run.x() / PER_POINT,
                (page.height() - line.y() - size * 0.25f) / PER_POINT,
                run.width() / PER_POINT,
                size * GROUND_HEIGHT / PER_POINT));
        PDBorderStyleDictionary none = new PDBorderStyleDictionary();
        none.setWidth(0);
        annotation.setBorderStyle(none);
        annotation.setPrinted(true);
        links.lead(annotation, on.target);
        sheet.getAnnotations().add(annotation);
        structure.addAnnotation(on.element, annotation, structure.nextAnnotationKey());
    }

    private record OpenLink(PDStructureElement parent, String target, PDStructureElement element) {}

    /** Follows the characters of a line as written, beside the runs as set. */
    private static final class Written {
        private final String text;
        private int at;

        Written(String text) {
            this.text = text;
        }

        /** What was written where this is set. */
        String next(String set) {
            while (at < text.length() && (text.charAt(at) == '\t' || text.charAt(at) == Paragraph.OBJECT)) {
                at++;
            }
            int to = Math.min(text.length(), at + set.length());
            String written = text.substring(at, to);
            at = to;
            return written;
        }
    }
}
