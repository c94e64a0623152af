package grintel.server.mail;

import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.stereotype.Component;

/** Sends mail, where a mail server is configured. Who asks for it does not wait, and does not learn whether it went. */
@Component
public class Post implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Post.class);
    private static final int MOST_WAITING = 200;

    private final @Nullable JavaMailSender sender;
    private final String from;
    private final ExecutorService courier = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new ArrayBlockingQueue<>(MOST_WAITING),
            task -> {
                Thread thread = new Thread(task, "post");
                thread.setDaemon(true);
                return thread;
            },
            new ThreadPoolExecutor.DiscardPolicy());

    Post(ObjectProvider<JavaMailSender> sender, @Value("${grintel.mail-from}") String from) {
        this.sender = sender.getIfAvailable();
        this.from = from;
    }

    /** Whether mail can be sent at all. */
    public boolean isOpen() {
        return sender != null;
    }

    /** Sends a message soon; nothing where there is no mail server. */
    public void send(String to, String subject, String text) {
        if (sender == null) {
            return;
        }
        SimpleMailMessage message = new SimpleMailMessage();
        message.setFrom(from);
        message.setTo(to);
        message.setSubject(subject);
        message.setText(text);
        courier.execute(() -> {
            try {
                sender.send(message);
            } catch (MailException e) {
                LOG.error("A message could not be sent: {}", e.getMessage());
            }
        });
    }

    @Override
    public void destroy() {
        courier.shutdownNow();
    }
}
