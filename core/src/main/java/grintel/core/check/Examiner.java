package grintel.core.check;

import grintel.core.guide.Ask;
import grintel.core.guide.Brief;
import grintel.core.guide.demand.Demands;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Corrections;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Examines a paper against a brief: typeset, recognise the parts, ask every rule. */
public final class Examiner {
    private Examiner() {}

    /** @throws grintel.core.limit.TooLargeException when the paper is beyond the limits */
    public static Report examine(Paper paper, Brief brief, WorkLimits limits) {
        return examine(paper, brief, Corrections.NONE, limits);
    }

    /**
     * Examines a paper of whose parts the writer has said something.
     *
     * @throws grintel.core.limit.TooLargeException when the paper is beyond the limits
     */
    public static Report examine(Paper paper, Brief brief, Corrections corrections, WorkLimits limits) {
        return limits.bound(() -> {
            Proof proof = Typesetter.typeset(paper, limits);
            Examination exam = new Examination(paper, proof, Parts.recognise(paper, proof, corrections), brief);
            return judge(exam, brief, limits);
        });
    }

    private static Report judge(Examination exam, Brief brief, WorkLimits limits) {
        Map<String, Verdict> verdicts = new LinkedHashMap<>();
        List<String> notMeasured = new ArrayList<>();
        for (String id : Demands.ids()) {
            limits.check(exam.proof().pages().size());
            Rule rule = Rules.find(id);
            Ask ask = brief.guide().ask(id);
            boolean silent = rule == null || ask.isAsked() && rule.isSilent(exam, ask);
            if (ask.isAsked() && silent) {
                notMeasured.add(id);
            }
            if (rule == null || !ask.isAsked()) {
                verdicts.put(id, Verdict.notAsked(id));
                continue;
            }
            List<Reading> readings = rule.read(exam, ask);
            verdicts.put(id, new Verdict(Verdict.Status.of(readings), ask, readings));
        }
        return new Report(exam, verdicts, notMeasured);
    }
}
