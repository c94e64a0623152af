package grintel.server.account;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How often one may fail within ten minutes.
 *
 * @param forAddress for one e-mail address, from browsers that never signed in to it; and from each that did
 * @param fromMachine from one machine, behind which a whole school may sit
 * @param accountsFromMachine accounts opened from one machine
 */
@ConfigurationProperties("grintel.sign-in")
record SignInProperties(
        @DefaultValue("8") int forAddress,
        @DefaultValue("60") int fromMachine,
        @DefaultValue("400") int accountsFromMachine) {}
