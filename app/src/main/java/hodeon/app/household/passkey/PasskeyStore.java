package hodeon.app.household.passkey;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.security.web.webauthn.management.JdbcPublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;

/** Where Spring Security keeps passkeys: the public half alone, which opens nothing. */
@Configuration
class PasskeyStore {

    @Bean
    PublicKeyCredentialUserEntityRepository passkeyOwners(JdbcTemplate database) {
        return new JdbcPublicKeyCredentialUserEntityRepository(database);
    }

    @Bean
    UserCredentialRepository passkeyRecords(JdbcTemplate database) {
        return new JdbcUserCredentialRepository(database);
    }
}
