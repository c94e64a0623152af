package grintel.server.mail;

import grintel.server.problem.Problem;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Shows the mail that the demo caught: there it stands in for a mailbox. */
@RestController
class CaughtMailController {
    private final @Nullable MailCatcher catcher;

    CaughtMailController(ObjectProvider<MailCatcher> catcher) {
        this.catcher = catcher.getIfAvailable();
    }

    /** What was sent to an address, the last first. */
    @GetMapping(path = "/api/session/demo/mail", produces = "application/json")
    List<CaughtView> mail(@RequestParam String address) {
        if (catcher == null) {
            throw Problem.notFound("No mail is caught here.");
        }
        return catcher.to(address.strip().toLowerCase(Locale.ROOT)).stream()
                .map(each -> new CaughtView(each.subject(), each.text()))
                .toList();
    }

    /** A message. */
    record CaughtView(String subject, String text) {}
}
