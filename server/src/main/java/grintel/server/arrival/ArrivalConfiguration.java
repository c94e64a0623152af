package grintel.server.arrival;

import grintel.server.problem.ProblemWriter;
import jakarta.servlet.DispatcherType;
import java.util.EnumSet;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Sets the filter after that of sessions, whom it asks who is sending, and before those that judge a whole request. */
@Configuration(proxyBeanMethods = false)
class ArrivalConfiguration {
    /** Spring Security's filters stand at -100. */
    private static final int BEFORE_SECURITY = -150;

    @Bean
    FilterRegistrationBean<ArrivalFilter> arrivalFilter(ArrivalProperties bounds, ProblemWriter writer) {
        FilterRegistrationBean<ArrivalFilter> registration =
                new FilterRegistrationBean<>(new ArrivalFilter(bounds, writer));
        registration.setOrder(BEFORE_SECURITY);
        registration.setDispatcherTypes(EnumSet.of(DispatcherType.REQUEST, DispatcherType.ASYNC));
        registration.setAsyncSupported(true);
        return registration;
    }
}
