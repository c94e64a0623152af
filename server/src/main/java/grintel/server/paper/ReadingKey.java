package grintel.server.paper;

import grintel.core.rule.Reading;

/** Names one reading of a step, so that a later request can mean it. */
final class ReadingKey {
    private ReadingKey() {}

    static String of(Reading reading) {
        return reading.rule() + "/" + reading.name() + "/" + reading.is().text();
    }
}
