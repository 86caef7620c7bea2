package hodeon.app.post;

import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.stereotype.Component;

/** Through the mail server that spring.mail.host names. */
@Component
@ConditionalOnProperty("spring.mail.host")
class MailServerPost implements Post {

    private final JavaMailSender sender;
    private final String from;

    MailServerPost(JavaMailSender sender, @Value("${hodeon.mail-from}") String from) {
        this.sender = sender;
        this.from = from;
    }

    @Override
    public void send(UUID household, String address, String subject, String text) {
        SimpleMailMessage mail = new SimpleMailMessage();
        mail.setFrom(from);
        mail.setTo(address);
        mail.setSubject(subject);
        mail.setText(text);
        sender.send(mail);
    }
}
