package grintel.core.check;

import grintel.core.edit.WordLedger;
import grintel.core.guide.Brief;
import grintel.core.guide.Weight;
import grintel.core.guide.demand.Station;
import grintel.core.paper.Paper;
import grintel.core.rule.Examination;
import grintel.core.rule.HeadWords;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.rule.Survey;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A paper examined. Several threads may ask it at once. */
public final class Report {
    private final Examination exam;
    private final Map<String, Verdict> verdicts;
    private final List<String> notMeasured;

    Report(Examination exam, Map<String, Verdict> verdicts, List<String> notMeasured) {
        this.exam = exam;
        this.verdicts = Collections.unmodifiableMap(new LinkedHashMap<>(verdicts));
        this.notMeasured = List.copyOf(notMeasured);
    }

    /** The paper as it was examined. */
    public Examination examination() {
        return exam;
    }

    public Paper paper() {
        return exam.paper();
    }

    public Proof proof() {
        return exam.proof();
    }

    public Parts parts() {
        return exam.parts();
    }

    /** All words of the paper. */
    WordLedger ledger() {
        return exam.ledger();
    }

    public Brief brief() {
        return exam.brief();
    }

    /** A short title to offer for the header, read off the paper; empty where there is none. */
    public String shortTitle() {
        return HeadWords.offered(exam);
    }

    /** What each rule says, every rule of the catalogue in order of work. */
    public Map<String, Verdict> verdicts() {
        return verdicts;
    }

    /** Rules that are asked and were not measured: not built yet, lacking a fact, or waiting for another. */
    public List<String> notMeasured() {
        return notMeasured;
    }

    /** All readings that are off, in order of work. */
    public List<Reading> findings() {
        return verdicts.values().stream()
                .flatMap(verdict -> verdict.findings().stream())
                .toList();
    }

    /** How much the guide makes of the rule a finding is of. */
    public Weight weight(Reading finding) {
        return verdict(finding.rule()).ask().weight();
    }

    /** What a rule says of the paper. */
    public Verdict verdict(String rule) {
        Verdict verdict = verdicts.get(rule);
        return verdict == null ? Verdict.notAsked(rule) : verdict;
    }

    /** Whether a required reading is off. */
    public boolean hasRequiredFindings() {
        return findings().stream().anyMatch(finding -> weight(finding) == Weight.REQUIRED);
    }

    /** What a station measures on a page, as it is drawn there. */
    public List<Stroke> strokes(Station station, ProofPage page) {
        List<Stroke> strokes = new ArrayList<>();
        for (Rule rule : Rules.all()) {
            if (Station.of(rule.id()) == station) {
                strokes.addAll(rule.strokes(exam, page, verdict(rule.id()).readings()));
            }
        }
        for (Survey survey : Rules.surveys()) {
            if (survey.station() == station) {
                strokes.addAll(survey.strokes(exam, page));
            }
        }
        return strokes;
    }
}
