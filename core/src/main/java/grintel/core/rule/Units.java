package grintel.core.rule;

import grintel.core.guide.value.Length;
import grintel.core.guide.value.Worded;

/** The units in which lengths of the page are told; sizes of type and gaps stated in points stay in points. */
public enum Units implements Worded {
    /** Those of the guide. */
    AS_ASKED,
    INCHES,
    CENTIMETRES;

    /** The unit in which a length is told that is stated in another. */
    Length.Unit of(Length.Unit stated) {
        if (this == AS_ASKED || stated == Length.Unit.POINTS) {
            return stated;
        }
        return this == INCHES ? Length.Unit.INCHES : Length.Unit.CENTIMETRES;
    }
}
