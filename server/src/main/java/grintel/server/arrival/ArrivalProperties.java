package grintel.server.arrival;

import java.time.Duration;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * Bounds on what arrives.
 *
 * @param mostFile bytes of a file
 * @param mostFiles bytes of all files that are arriving, as large as they may be
 * @param mostOther bytes of any other body
 * @param mostAtOnce bodies of any kind that are arriving
 * @param fileWithin how long a file may take
 * @param otherWithin how long any other body may take
 */
@ConfigurationProperties("grintel.arrival")
record ArrivalProperties(
        @DefaultValue("25MB") DataSize mostFile,
        @DefaultValue("2GB") DataSize mostFiles,
        @DefaultValue("128KB") DataSize mostOther,
        @DefaultValue("2000") int mostAtOnce,
        @DefaultValue("5m") Duration fileWithin,
        @DefaultValue("20s") Duration otherWithin) {}
