package grintel.server.paper;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * How much may be kept.
 *
 * @param most bytes of files an account may have
 */
@ConfigurationProperties("grintel.storage")
record StorageProperties(@DefaultValue("1GB") DataSize most) {
    long mostBytes() {
        return most.toBytes();
    }

    /** The limit as a person says it. */
    String mostInWords() {
        long gigabytes = most.toGigabytes();
        return gigabytes > 0 ? gigabytes + " GB" : Math.max(1, most.toMegabytes()) + " MB";
    }
}
