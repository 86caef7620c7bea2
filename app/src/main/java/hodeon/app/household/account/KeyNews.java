package hodeon.app.household.account;

import hodeon.app.household.AccountKeys;
import hodeon.app.household.Audit;
import hodeon.app.household.style.Styles;
import hodeon.app.post.Post;
import hodeon.app.shell.Wording;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.mail.MailException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Whoever gave an address is told by mail when what opens their account has changed: a thief would not tell them. */
@Component
class KeyNews {

    private static final Logger LOG = LoggerFactory.getLogger(KeyNews.class);

    private final AccountKeys keys;
    private final Post post;
    private final Styles styles;
    private final boolean mails;

    KeyNews(
            AccountKeys keys,
            Post post,
            Styles styles,
            @Value("${spring.mail.host:}") String mailHost,
            @Value("${hodeon.demo}") boolean demo) {
        this.keys = keys;
        this.post = post;
        this.styles = styles;
        this.mails = demo || !mailHost.isEmpty();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void changed(Audit.AccountChanged change) {
        if (mails) {
            Thread.startVirtualThread(() -> tell(change));
        }
    }

    void tell(Audit.AccountChanged change) {
        String address = keys.state(change.account()).mail();
        if (address.isEmpty()) {
            return;
        }
        try {
            styles.of(change.household()).in(() -> {
                post.send(
                        change.household(),
                        address,
                        Wording.says("keyNews.yourAccountInHodeon"),
                        Wording.says("keyNews.somebody", change.who(), change.what()));
                return true;
            });
        } catch (MailException e) {
            LOG.warn("News of an account could not be sent: {}", e.getClass().getSimpleName());
        }
    }
}
