package grintel.server.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import grintel.server.problem.Problem;
import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.security.crypto.password.PasswordEncoder;

class AccountServiceTest {
    private final AccountRepository accounts = mock(AccountRepository.class);
    private final PasswordEncoder passwords = mock(PasswordEncoder.class);
    private AccountService service;

    @BeforeEach
    void makeService() {
        when(passwords.encode(any())).thenReturn("nobody's");
        service = new AccountService(accounts, passwords, new PasswordStrength(), Clock.systemUTC());
    }

    @Test
    void anUnknownAddressCostsAsMuchAsAWrongPassword() {
        when(accounts.findByEmail("nobody@brackwater.example")).thenReturn(Optional.empty());
        assertThat(service.verify(" Nobody@Brackwater.example ", "guess")).isNull();
        verify(passwords).matches("guess", "nobody's");
    }

    @Test
    void aVisitorsAccountHasNoPasswordAndIsNotClosed() {
        Account demo = new Account("visitor@brackwater.example", "hash", true, Instant.EPOCH);
        when(accounts.findByEmail(demo.email())).thenReturn(Optional.of(demo));
        when(accounts.findById(demo.id())).thenReturn(Optional.of(demo));
        when(passwords.matches(any(), eq("hash"))).thenReturn(true);
        assertThat(service.verify(demo.email(), "anything")).isNull();
        assertThatThrownBy(() -> service.close(demo.id(), "anything"))
                .isInstanceOf(Problem.class)
                .hasMessageContaining("no password");
    }

    @Test
    void anAddressHasOneAccount() {
        Account there = new Account("m@brackwater.example", "hash", false, Instant.EPOCH);
        when(accounts.findByEmail("m@brackwater.example")).thenReturn(Optional.of(there));
        assertThatThrownBy(() -> service.open("M@brackwater.example", "harbour candle seventeen"))
                .satisfies(problem ->
                        assertThat(((Problem) problem).detail().getStatus()).isEqualTo(409));
    }
}
