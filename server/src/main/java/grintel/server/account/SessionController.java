package grintel.server.account;

import grintel.server.account.SignInLimits.Try;
import grintel.server.problem.Problem;
import grintel.server.security.SecurityLog;
import grintel.server.security.SecurityLog.Event;
import grintel.server.security.Sessions;
import grintel.server.security.SignedIn;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Signing in and out, and a person's own account. */
@RestController
@RequestMapping(path = "/api", produces = "application/json")
class SessionController {
    private static final int LONGEST = 200;

    private final AccountService accounts;
    private final SignInLimits limits;
    private final KnownBrowsers browsers;
    private final Sessions sessions;
    private final SecurityLog log;
    private final DemoProperties demo;
    private final DemoDesk desk;
    private final PasswordResets resets;

    SessionController(
            AccountService accounts,
            SignInLimits limits,
            KnownBrowsers browsers,
            Sessions sessions,
            SecurityLog log,
            DemoProperties demo,
            DemoDesk desk,
            PasswordResets resets) {
        this.accounts = accounts;
        this.limits = limits;
        this.browsers = browsers;
        this.sessions = sessions;
        this.log = log;
        this.demo = demo;
        this.desk = desk;
        this.resets = resets;
    }

    @GetMapping("/session")
    SessionView session(@AuthenticationPrincipal @Nullable SignedIn person) {
        return view(person);
    }

    @PostMapping("/session")
    SessionView signIn(
            @Valid @RequestBody Credentials credentials, HttpServletRequest request, HttpServletResponse response) {
        String email = AccountService.normal(credentials.email());
        String machine = request.getRemoteAddr();
        Try counted = limits.signIn(email, machine, browsers.known(request, email));
        Account account = accounts.verify(email, credentials.password());
        if (account == null) {
            log.machine(Event.WRONG_PASSWORD, machine);
            throw Problem.unauthorized("Address and password do not belong together. Try again.");
        }
        counted.wentWell();
        log.account(Event.SIGNED_IN, account.id(), machine);
        browsers.remember(account.id(), request, response);
        return open(account, request, response);
    }

    @PostMapping("/session/demo")
    SessionView signInToDemo(HttpServletRequest request, HttpServletResponse response) {
        if (!demo.demo()) {
            throw Problem.notFound("There is no demo account here.");
        }
        limits.signUp(request.getRemoteAddr());
        Account visitor = accounts.openDemo();
        desk.lay(visitor.id());
        return open(visitor, request, response);
    }

    @DeleteMapping("/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(@AuthenticationPrincipal @Nullable SignedIn person, HttpServletRequest request) {
        if (person != null) {
            log.account(Event.SIGNED_OUT, person.id());
        }
        sessions.end(request);
    }

    @PostMapping("/accounts")
    @ResponseStatus(HttpStatus.CREATED)
    SessionView signUp(
            @Valid @RequestBody NewAccount wanted, HttpServletRequest request, HttpServletResponse response) {
        limits.signUp(request.getRemoteAddr());
        Account account = accounts.open(wanted.email(), wanted.password());
        log.account(Event.SIGNED_UP, account.id(), request.getRemoteAddr());
        browsers.remember(account.id(), request, response);
        return open(account, request, response);
    }

    /** All other sessions of the account end with its old password. */
    @PutMapping("/account/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changePassword(
            @AuthenticationPrincipal SignedIn person,
            @Valid @RequestBody PasswordChange change,
            HttpServletRequest request) {
        Try counted = limits.again(person.id(), request.getRemoteAddr());
        accounts.changePassword(person.id(), change.current(), change.next());
        counted.wentWell();
        sessions.endOthers(person.id(), request);
        log.account(Event.PASSWORD_CHANGED, person.id(), request.getRemoteAddr());
    }

    @PostMapping("/account/closing")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void close(
            @AuthenticationPrincipal SignedIn person,
            @Valid @RequestBody AccountClosing closing,
            HttpServletRequest request) {
        limits.again(person.id(), request.getRemoteAddr());
        accounts.close(person.id(), closing.password());
        sessions.endOthers(person.id(), request);
        sessions.end(request);
        log.account(Event.ACCOUNT_CLOSED, person.id(), request.getRemoteAddr());
    }

    private SessionView open(Account account, HttpServletRequest request, HttpServletResponse response) {
        SignedIn person = new SignedIn(account.id(), account.email(), account.isDemo());
        sessions.start(person, request, response);
        return view(person);
    }

    private SessionView view(@Nullable SignedIn person) {
        return new SessionView(
                person == null ? null : new PersonView(person.email(), person.demo()),
                demo.demo(),
                resets.areOffered());
    }

    /**
     * Who is signed in.
     *
     * @param person null for nobody
     * @param demoOffered whether strangers may try a desk with sample papers
     * @param resetOffered whether a forgotten password can be set anew by mail
     */
    record SessionView(@Nullable PersonView person, boolean demoOffered, boolean resetOffered) {}

    record PersonView(String email, boolean demo) {}

    record Credentials(
            @NotBlank(message = "Give your e-mail address.")
            @Size(max = LONGEST, message = "This is no e-mail address.")
            String email,

            @NotBlank(message = "Give your password.")
            @Size(max = LONGEST, message = "A password has at most 200 characters.")
            String password) {}

    record NewAccount(
            @NotBlank(message = "Give your e-mail address.")
            @Email(message = "This is no e-mail address.")
            @Size(max = LONGEST, message = "This is no e-mail address.")
            String email,

            @NotNull(message = "Give a password.")
            @Size(min = 10, max = LONGEST, message = "A password has 10 to 200 characters.")
            String password) {}

    record PasswordChange(
            @NotBlank(message = "Give your present password.")
            @Size(max = LONGEST, message = "A password has at most 200 characters.")
            String current,

            @NotNull(message = "Give a new password.")
            @Size(min = 10, max = LONGEST, message = "A password has 10 to 200 characters.")
            String next) {}

    record AccountClosing(
            @NotBlank(message = "Give your password.")
            @Size(max = LONGEST, message = "A password has at most 200 characters.")
            String password) {}
}
