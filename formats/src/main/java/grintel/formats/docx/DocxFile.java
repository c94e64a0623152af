package grintel.formats.docx;

import grintel.core.check.Mendable;
import grintel.core.edit.Edit;
import grintel.core.paper.Paper;
import grintel.formats.UnreadableFileException;
import java.util.List;

/** A .docx in memory with the paper it holds. */
public final class DocxFile implements Mendable {
    private final byte[] bytes;
    private final Paper paper;

    private DocxFile(byte[] bytes, Paper paper) {
        this.bytes = bytes;
        this.paper = paper;
    }

    /**
     * Reads a file.
     *
     * @throws UnreadableFileException when it cannot be used; the message is for the writer
     */
    public static DocxFile read(byte[] bytes) {
        return new DocxFile(bytes, DocxReader.read(bytes));
    }

    /** The file as bytes; not a copy, so leave them as they are. */
    public byte[] bytes() {
        return bytes;
    }

    @Override
    public Paper paper() {
        return paper;
    }

    @Override
    public DocxFile with(List<List<Edit>> passes) {
        return passes.isEmpty() ? this : read(DocxEditor.apply(bytes, passes));
    }
}
