package grintel.server.appendix;

import grintel.core.appendix.ExportPicture;
import grintel.core.edit.NewImage;
import grintel.server.problem.Problem;
import java.util.HashMap;
import java.util.Map;
import java.util.function.Function;

/** What the pictures of appendices show. */
public final class AppendixImages implements Function<ExportPicture, NewImage> {
    private final Map<String, NewImage> images;

    AppendixImages(Map<String, NewImage> images) {
        this.images = Map.copyOf(images);
    }

    /** @throws Problem when what it shows did not come along */
    @Override
    public NewImage apply(ExportPicture picture) {
        NewImage image = images.get(picture.id());
        if (image == null) {
            throw Problem.badRequest("A picture did not come along. Take the questionnaire apart again.");
        }
        return image;
    }

    /** All of them, by the names of the parts of a file that hold them. */
    public Map<String, byte[]> parts() {
        Map<String, byte[]> out = new HashMap<>();
        images.values().forEach(image -> out.putAll(image.parts()));
        return out;
    }
}
