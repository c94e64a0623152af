package grintel.core.edit;

import grintel.core.paper.ImageFormat;
import grintel.core.paper.Inline;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * An image that is not in a file yet: its dots and, of one that was drawn here, the same by lines for whatever can print
 * those. It is named by what it shows, so that one that comes in twice is kept once.
 */
public final class NewImage {
    private static final int NAME = 16;
    private static final Pattern DRAWN = Pattern.compile("word/media/figure-[0-9a-f]{" + NAME + "}\\.png");
    private static final Pattern BROUGHT =
            Pattern.compile("word/media/picture-[0-9a-f]{" + NAME + "}\\.(?:png|jpeg|gif)");

    private final byte[] dots;
    private final byte @Nullable [] lines;
    private final Inline.Picture.Pixels pixels;
    private final String part;
    private final ImageFormat format;

    private NewImage(
            String part, ImageFormat format, byte[] dots, byte @Nullable [] lines, Inline.Picture.Pixels pixels) {
        this.part = part;
        this.format = format;
        this.dots = dots;
        this.lines = lines;
        this.pixels = pixels;
    }

    /**
     * One that was drawn.
     *
     * @param dots a PNG (ISO/IEC 15948)
     * @param lines the same as SVG, of the same proportions
     * @param pixels dots across and down
     */
    public static NewImage drawn(byte[] dots, byte[] lines, Inline.Picture.Pixels pixels) {
        return new NewImage(
                "word/media/figure-" + name(lines) + ".png", ImageFormat.PNG, dots.clone(), lines.clone(), pixels);
    }

    /**
     * One that came from elsewhere.
     *
     * @param pixels dots across and down
     */
    public static NewImage brought(ImageFormat format, byte[] dots, Inline.Picture.Pixels pixels) {
        String part =
                "word/media/picture-" + name(dots) + "." + format.endings().get(0);
        return new NewImage(part, format, dots.clone(), null, pixels);
    }

    /**
     * What stands for one that came from elsewhere, without what it shows.
     *
     * @param part as {@link #part} tells it
     * @throws IllegalArgumentException when no such image is called so
     */
    public static NewImage standingFor(String part, Inline.Picture.Pixels pixels) {
        ImageFormat format = ImageFormat.of(part);
        if (format == null || !BROUGHT.matcher(part).matches()) {
            throw new IllegalArgumentException("No picture is called so");
        }
        return new NewImage(part, format, new byte[0], null, pixels);
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

    /** What its dots are kept as. */
    public ImageFormat format() {
        return format;
    }

    /** Name of the part in which a picture that was drawn here has its lines; null for any other picture. */
    public static @Nullable String linesBeside(String part) {
        return DRAWN.matcher(part).matches() ? part.replaceFirst("\\.png$", ".svg") : null;
    }

    /** All of it, by the names of the parts that hold it. */
    public Map<String, byte[]> parts() {
        String beside = linesBeside(part);
        return lines == null || beside == null
                ? Map.of(part, dots.clone())
                : Map.of(part, dots.clone(), beside, lines.clone());
    }

    public byte[] dots() {
        return dots.clone();
    }

    /** Null where it was not drawn here. */
    public byte @Nullable [] lines() {
        return lines == null ? null : lines.clone();
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
