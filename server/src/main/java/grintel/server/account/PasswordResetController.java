package grintel.server.account;

import grintel.server.problem.Problem;
import grintel.server.security.SecurityLog;
import grintel.server.security.SecurityLog.Event;
import grintel.server.security.Sessions;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** A new password for somebody who forgot the old one. */
@RestController
@RequestMapping(path = "/api/password-reset", produces = "application/json")
class PasswordResetController {
    private static final int LONGEST = 200;

    private final PasswordResets resets;
    private final SignInLimits limits;
    private final Sessions sessions;
    private final SecurityLog log;

    PasswordResetController(PasswordResets resets, SignInLimits limits, Sessions sessions, SecurityLog log) {
        this.resets = resets;
        this.limits = limits;
        this.sessions = sessions;
        this.log = log;
    }

    /** Answers the same whether there is such an account or not. */
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ask(@Valid @RequestBody Forgotten forgotten, HttpServletRequest request) {
        if (!resets.areOffered()) {
            throw Problem.conflict("This desk sends no mail. Ask whoever runs it for a new password.");
        }
        limits.reset(AccountService.normal(forgotten.email()), request.getRemoteAddr());
        resets.ask(forgotten.email());
        log.machine(Event.RESET_ASKED, request.getRemoteAddr());
    }

    /** All sessions of the account end with its old password. */
    @PutMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void set(@Valid @RequestBody NewPassword wanted, HttpServletRequest request) {
        limits.reset("", request.getRemoteAddr());
        UUID account = resets.set(wanted.token(), wanted.password());
        sessions.endOthers(account, request);
        log.account(Event.PASSWORD_CHANGED, account, request.getRemoteAddr());
    }

    record Forgotten(
            @NotBlank(message = "Give your e-mail address.")
            @Size(max = LONGEST, message = "This is no e-mail address.")
            String email) {}

    record NewPassword(
            @NotBlank(message = "This link is not whole. Open it from the mail again.")
            @Size(max = LONGEST, message = "This link is not whole. Open it from the mail again.")
            String token,

            @NotNull(message = "Give a password.")
            @Size(min = 10, max = LONGEST, message = "A password has 10 to 200 characters.")
            String password) {}
}
