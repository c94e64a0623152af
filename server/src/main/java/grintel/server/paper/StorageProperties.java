package grintel.server.paper;

import grintel.server.problem.Problem;
import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.util.unit.DataSize;

/**
 * How much may be kept.
 *
 * @param most bytes of files an account may have
 * @param disk a directory on the disk that the database is on
 * @param leastFree bytes of that disk that are left free, so that the database can go on, and papers be deleted
 */
@ConfigurationProperties("grintel.storage")
record StorageProperties(
        @DefaultValue("1GB") DataSize most,
        @DefaultValue(".") Path disk,
        @DefaultValue("512MB") DataSize leastFree) {
    long mostBytes() {
        return most.toBytes();
    }

    /** @throws Problem when there is not so much room on the disk that anything may be added */
    void checkRoom() {
        if (disk.toFile().getUsableSpace() < leastFree.toBytes()) {
            throw Problem.diskFull();
        }
    }

    /** The limit as a person says it. */
    String mostInWords() {
        long gigabytes = most.toGigabytes();
        return gigabytes > 0 ? gigabytes + " GB" : Math.max(1, most.toMegabytes()) + " MB";
    }
}
