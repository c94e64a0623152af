package grintel.server.account;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How often a sign-in may be tried within ten minutes.
 *
 * @param forAddress for one e-mail address
 * @param fromMachine from one machine, behind which a whole school may sit
 */
@ConfigurationProperties("grintel.sign-in")
record SignInProperties(
        @DefaultValue("8") int forAddress,
        @DefaultValue("60") int fromMachine) {}
