package grintel.cli;

import grintel.core.paper.Paper;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.Locale;
import tools.jackson.core.JsonGenerator;

/** A layout as the JSON object of the contract: points from the sheet's top left. */
final class LinesJson {
    private LinesJson() {}

    static String of(String file, Paper paper, Proof proof) {
        return Json.object(json -> {
            json.writeStringProperty("file", file);
            Json.strings(json, "approximate", proof.approximate());
            json.writeArrayPropertyStart("pages");
            for (ProofPage page : proof.pages()) {
                json.writeStartObject();
                json.writeNumberProperty("number", page.number());
                json.writeNumberProperty("width", points(page.width()));
                json.writeNumberProperty("height", points(page.height()));
                json.writeArrayPropertyStart("lines");
                page.lines().forEach(line -> writeLine(json, line, paper));
                json.writeEndArray();
                json.writeEndObject();
            }
            json.writeEndArray();
        });
    }

    private static void writeLine(JsonGenerator json, ProofLine line, Paper paper) {
        json.writeStartObject();
        PagePart part = PagePart.of(line.paragraph().story());
        json.writeStringProperty("part", part.name().toLowerCase(Locale.ROOT));
        json.writeNumberProperty("paragraph", part == PagePart.BOX ? -1 : paper.placeIndex(line.paragraph()));
        json.writeNumberProperty("x", points(line.x()));
        json.writeNumberProperty("y", points(line.y()));
        json.writeNumberProperty("width", points(line.width()));
        json.writeStringProperty("text", line.text());
        if (line.repeated()) {
            json.writeBooleanProperty("repeated", true);
        }
        json.writeEndObject();
    }

    /** A millipoint is the third decimal of a point. */
    private static double points(int millipoints) {
        return Millipoints.toPoints(millipoints);
    }
}
