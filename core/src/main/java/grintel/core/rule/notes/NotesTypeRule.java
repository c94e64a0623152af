package grintel.core.rule.notes;

import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.rule.BodyType;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunGroup;
import grintel.core.rule.TypeEdits;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The face of notes is that of the text; their size lies between the least the guide allows and the text's. */
public final class NotesTypeRule implements Rule {
    @Override
    public String id() {
        return "notes.type";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        BodyType body = exam.bodyType();
        int size = ask.get(NoteDemands.SIZE);
        Integer found = ask.find(NoteDemands.MIN_SIZE);
        int least = found == null ? size : found;
        int most = Math.max(size, body.targetSize());
        return RunGroup.of(exam, NoteParagraphs.of(exam), NotesTypeRule::type)
                .check(id(), "type")
                .measure(RunGroup::is)
                .asks(new Measure.Type(body.targetFace(), size))
                .metWhen((group, is) -> is instanceof Measure.Type type
                        && (type.face().equals(body.targetFace()) || type.face().equals(body.face()))
                        && type.halfPoints() >= least
                        && type.halfPoints() <= most)
                .fix((groups, cause) -> {
                    List<Holder> holders = RunGroup.holders(groups);
                    List<Edit> edits = new ArrayList<>(TypeEdits.setFace(cause, holders, body.targetFace()));
                    edits.addAll(cause.set(holders, CharacterProperties.SIZE, size, NoteParagraphs.welcome(exam)));
                    return edits;
                })
                .readings();
    }

    private static @Nullable Measure type(Inline inline) {
        boolean counts = RunGroup.holdsLetters(inline)
                && inline.format().get(CharacterProperties.VERTICAL_POSITION)
                        == CharacterProperties.VerticalPosition.BASELINE
                && !TypeEdits.isOddFace(inline.format().get(CharacterProperties.FACE));
        return counts ? TypeEdits.type(inline) : null;
    }
}
