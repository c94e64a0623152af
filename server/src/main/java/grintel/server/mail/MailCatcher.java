package grintel.server.mail;

import jakarta.mail.Address;
import jakarta.mail.Message;
import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Deque;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.mail.MailParseException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.stereotype.Component;

/** Keeps what the demo would have sent, as nobody's mail server is to be troubled with it. */
@Component
@ConditionalOnExpression("${grintel.demo} and '${spring.mail.host:}' == ''")
class MailCatcher extends JavaMailSenderImpl {
    private static final int MOST = 50;

    private final Deque<Caught> caught = new ArrayDeque<>();

    @Override
    protected synchronized void doSend(MimeMessage[] messages, Object @Nullable [] originals) {
        for (MimeMessage message : messages) {
            try {
                Address[] to = message.getRecipients(Message.RecipientType.TO);
                caught.addFirst(new Caught(
                        to == null
                                ? List.of()
                                : Arrays.stream(to).map(Address::toString).toList(),
                        String.valueOf(message.getSubject()),
                        String.valueOf(message.getContent())));
            } catch (MessagingException | IOException e) {
                throw new MailParseException(e);
            }
        }
        while (caught.size() > MOST) {
            caught.removeLast();
        }
    }

    /** What was sent to an address, the last first. */
    synchronized List<Caught> to(String address) {
        return new ArrayList<>(
                caught.stream().filter(each -> each.to().contains(address)).toList());
    }

    /** A message. */
    record Caught(List<String> to, String subject, String text) {}
}
