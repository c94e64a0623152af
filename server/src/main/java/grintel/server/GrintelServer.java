package grintel.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The application. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class GrintelServer {
    public static void main(String[] args) {
        SpringApplication.run(GrintelServer.class, args);
    }
}
