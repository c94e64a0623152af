package grintel.core.rule;

import grintel.core.data.DataNode;
import grintel.core.guide.Ask;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.TypeDemands;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.structure.Parts;
import grintel.core.typeset.FaceCatalogue;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * The type most of the text is set in, and what the guide would have it set in.
 *
 * @param face name of the face as the paper names it
 * @param size half-points
 * @param targetFace the face the text should have: its own where that is permitted
 * @param targetSize half-points the text should have in that face
 */
public record BodyType(String face, int size, boolean facePermitted, String targetFace, int targetSize) {
    private static final String SAFE_FACE = "Times New Roman";
    private static final double SAFE_SIZE = 12;
    private static final List<String> UNFIT =
            DataNode.resource(BodyType.class, "unfit-faces.yaml").texts();

    static BodyType of(Paper paper, Parts parts, Guide guide) {
        List<Paragraph> text = parts.paragraphs(Kinds.RUNNING_TEXT);
        Map<Setting, Integer> counts = new HashMap<>();
        for (Paragraph paragraph : text.isEmpty() ? paper.paragraphs() : text) {
            for (Inline.Text run : paragraph.texts()) {
                Setting setting = new Setting(
                        run.format().get(CharacterProperties.FACE), run.format().get(CharacterProperties.SIZE));
                counts.merge(setting, run.text().strip().length(), Integer::sum);
            }
        }
        Setting most = counts.entrySet().stream()
                .max(Map.Entry.<Setting, Integer>comparingByValue()
                        .thenComparing(entry -> entry.getKey().face()))
                .map(Map.Entry::getKey)
                .orElse(new Setting(SAFE_FACE, 24));
        Ask faces = asked(guide, "type.face");
        Ask sizes = asked(guide, "type.size");
        boolean permitted = faces == null || permits(faces, most.face());
        String target = permitted || faces == null ? most.face() : firstFace(faces);
        return new BodyType(most.face(), most.size(), permitted, target, targetSize(sizes, target, most.size()));
    }

    /** The type a paper is given that has none yet: the first face the guide names, and its size. */
    public static BodyType asked(Guide guide) {
        Ask faces = asked(guide, "type.face");
        String face = faces == null ? SAFE_FACE : firstFace(faces);
        int size = targetSize(asked(guide, "type.size"), face, (int) (SAFE_SIZE * 2));
        return new BodyType(face, size, true, face, size);
    }

    private static @Nullable Ask asked(Guide guide, String rule) {
        Ask ask = guide.ask(rule);
        return ask.isAsked() ? ask : null;
    }

    /** Whether a face is among those permitted; where any is, only symbol, script and display faces are not. */
    public static boolean permits(Ask ask, String face) {
        List<String> faces = ask.get(TypeDemands.FACES);
        if (faces.isEmpty()) {
            String lower = face.toLowerCase(Locale.ROOT);
            return UNFIT.stream().noneMatch(lower::contains);
        }
        return faces.stream().anyMatch(permitted -> isSame(permitted, face));
    }

    /** What an ask says of faces, as it is told: those it lists, or any that is fit to be read. */
    public static Measure askedFaces(Ask ask) {
        List<Measure> faces = new ArrayList<>();
        ask.get(TypeDemands.FACES).forEach(face -> faces.add(new Measure.Name(face)));
        return faces.isEmpty()
                ? Measure.word("readable-face")
                : faces.size() == 1 ? faces.get(0) : new Measure.OneOf(faces);
    }

    /** What an ask says of the size in a face, as it is told: one size, or all between two. */
    public Measure askedSize(Ask ask) {
        Integer least = ask.find(TypeDemands.MIN);
        Integer most = ask.find(TypeDemands.MAX);
        return least == null || most == null || least.equals(most) || ownSize(ask, targetFace) != null
                ? new Measure.Size(targetSize)
                : new Measure.Between(new Measure.Size(least), new Measure.Size(most));
    }

    /** The face put right sets: the first of the list. */
    public static String firstFace(Ask ask) {
        List<String> faces = ask.get(TypeDemands.FACES);
        return faces.isEmpty() ? SAFE_FACE : faces.get(0);
    }

    /** Whether two names mean the same design: alike, or both drawn exactly by one shipped face. */
    private static boolean isSame(String permitted, String face) {
        if (permitted.equalsIgnoreCase(face)) {
            return true;
        }
        FaceCatalogue.Choice one = FaceCatalogue.shipped().choose(permitted);
        FaceCatalogue.Choice other = FaceCatalogue.shipped().choose(face);
        return one.exact() && other.exact() && one.family().equals(other.family());
    }

    /** The half-points a face should have: its own size where the guide fixes one, else within the bounds. */
    static int targetSize(@Nullable Ask ask, String face, int size) {
        if (ask == null) {
            return size;
        }
        Integer own = ownSize(ask, face);
        if (own != null) {
            return own;
        }
        int least = Objects.requireNonNullElse(ask.find(TypeDemands.MIN), 0);
        int most = Objects.requireNonNullElse(ask.find(TypeDemands.MAX), Integer.MAX_VALUE);
        if (size >= least && size <= most) {
            return size;
        }
        int safe = (int) (SAFE_SIZE * 2);
        return Math.max(least, Math.min(most, safe));
    }

    /** The half-points an ask fixes for a face; null where it fixes none. */
    private static @Nullable Integer ownSize(Ask ask, String face) {
        for (Map.Entry<String, Integer> own : ask.get(TypeDemands.SIZES).entrySet()) {
            if (isSame(own.getKey(), face)) {
                return own.getValue();
            }
        }
        return null;
    }

    private record Setting(String face, int size) {}
}
