package hodeon.app.household.account;

import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import hodeon.app.household.AccountKeys;
import hodeon.app.household.Audit;
import hodeon.app.household.style.Styles;
import hodeon.app.post.Post;
import hodeon.app.shell.style.HouseStyle;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.mail.MailSendException;

class KeyNewsTest {

    private static final Audit.AccountChanged CHANGE =
            new Audit.AccountChanged(UUID.randomUUID(), UUID.randomUUID(), "ottilie", "changed the password");

    private final AccountKeys keys = mock();
    private final Post post = mock();
    private final Styles styles = mock();
    private final KeyNews news = new KeyNews(keys, post, styles, "", true);

    private void address(String address) {
        when(styles.of(CHANGE.household())).thenReturn(HouseStyle.METRIC);
        when(keys.state(CHANGE.account())).thenReturn(new AccountKeys.State(false, 0, address, null));
    }

    @Test
    void theOwnerIsToldWhatChangedAndWhatToDoIfItWasNotThem() {
        address("ottilie@tidewrack.example");
        news.tell(CHANGE);
        verify(post)
                .send(
                        eq(CHANGE.household()),
                        eq("ottilie@tidewrack.example"),
                        any(),
                        contains("Signed in as ottilie, somebody changed the password.\n\nIf that was you"));
    }

    @Test
    void whoeverGaveNoAddressIsNotToldAndALostServerChangesNothing() {
        address("");
        news.tell(CHANGE);
        verify(post, never()).send(any(), any(), any(), any());
        address("ottilie@tidewrack.example");
        doThrow(new MailSendException("gone")).when(post).send(any(), any(), any(), any());
        news.tell(CHANGE);
        verify(post).send(any(), any(), any(), any());
    }
}
