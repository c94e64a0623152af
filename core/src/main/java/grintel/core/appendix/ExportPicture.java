package grintel.core.appendix;

/**
 * A picture that comes along with a line of an export.
 *
 * @param id name of the part of a file that holds it, the same for the same picture
 * @param width as it stood in the export, in EMU (ECMA-376 part 1, 20.1.2.1)
 * @param height the same
 */
public record ExportPicture(String id, int width, int height) {
    public ExportPicture {
        if (width <= 0 || height <= 0) {
            throw new IllegalArgumentException("A picture has a width and a height");
        }
    }
}
