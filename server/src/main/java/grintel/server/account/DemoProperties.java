package grintel.server.account;

import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * How the application was started.
 *
 * @param demo whether the demo account is offered
 */
@ConfigurationProperties("grintel")
record DemoProperties(boolean demo) {}
