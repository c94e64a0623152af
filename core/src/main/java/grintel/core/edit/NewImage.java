package grintel.core.edit;

import grintel.core.paper.Inline;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An image that is not in a file yet: its dots, and the same drawn by lines for whatever can print those. It is named by
 * what it shows, so that one that comes in twice is kept once.
 */
public final class NewImage {
    private static final int NAME = 16;
    private static final Pattern OURS = Pattern.compile("word/media/figure-[0-9a-f]{" + NAME + "}\\.png");

    private final byte[] dots;
    private final byte[] lines;
    private final Inline.Picture.Pixels pixels;
    private final String part;

    /**
     * @param dots a PNG (ISO/IEC 15948)
     * @param lines the same as SVG, of the same proportions
     * @param pixels dots across and down
     */
    public NewImage(byte[] dots, byte[] lines, Inline.Picture.Pixels pixels) {
        this.dots = dots.clone();
        this.lines = lines.clone();
        this.pixels = pixels;
        this.part = "word/media/figure-" + name(lines) + ".png";
    }

    private static String name(byte[] content) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(content);
            return HexFormat.of().formatHex(digest).substring(0, NAME);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Name of the part of a file that holds the dots. */
    public String part() {
        return part;
    }

    /** Name of the part with the lines, beside the other. */
    public String linesPart() {
        return lines(part);
    }

    /** Name of the part in which a picture that came in this way has its lines; null for any other picture. */
    public static @Nullable String linesBeside(String part) {
        return OURS.matcher(part).matches() ? lines(part) : null;
    }

    private static String lines(String part) {
        return part.replaceFirst("\\.png$", ".svg");
    }

    public byte[] dots() {
        return dots.clone();
    }

    public byte[] lines() {
        return lines.clone();
    }

    public Inline.Picture.Pixels pixels() {
        return pixels;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof NewImage image && part.equals(image.part) && Arrays.equals(dots, image.dots);
    }

    @Override
    public int hashCode() {
        return part.hashCode();
    }
}
