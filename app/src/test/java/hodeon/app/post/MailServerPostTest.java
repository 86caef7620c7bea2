package hodeon.app.post;

import static org.assertj.core.api.Assertions.assertThat;

import com.icegreen.greenmail.configuration.GreenMailConfiguration;
import com.icegreen.greenmail.junit5.GreenMailExtension;
import com.icegreen.greenmail.util.GreenMailUtil;
import com.icegreen.greenmail.util.ServerSetupTest;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.mail.javamail.JavaMailSenderImpl;

class MailServerPostTest {

    @RegisterExtension
    static final GreenMailExtension MAIL_SERVER = new GreenMailExtension(ServerSetupTest.SMTP.dynamicPort())
            .withConfiguration(GreenMailConfiguration.aConfig().withDisabledAuthentication());

    @Test
    void aMailServerThatIsNamedGetsTheMail() throws Exception {
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost("127.0.0.1");
        sender.setPort(MAIL_SERVER.getSmtp().getPort());
        new MailServerPost(sender, "hodeon@localhost")
                .send(UUID.randomUUID(), "ottilie@tidewrack.example", "First aid kits: 2 due", "2027-06-12 Check");
        assertThat(MAIL_SERVER.getReceivedMessages()).singleElement().satisfies(m -> {
            assertThat(m.getSubject()).isEqualTo("First aid kits: 2 due");
            assertThat(GreenMailUtil.getBody(m)).contains("2027-06-12 Check");
        });
    }
}
