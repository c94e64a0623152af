package grintel.core.rule.handin;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.guide.demand.FixClass;
import grintel.core.rule.Examination;
import grintel.core.rule.PartMove;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.List;

/** Appendices stand on the side of the list of sources on which the guide has them. A page of notes is another rule's. */
public final class HandInPartOrderRule implements Rule {
    @Override
    public String id() {
        return "hand-in.part-order";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return PartMove.readings(
                id(), "appendix", exam, PartKind.APPENDIX, ask.get(ClosingDemands.APPENDICES), FixClass.ASK);
    }
}
