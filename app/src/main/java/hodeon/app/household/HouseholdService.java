package hodeon.app.household;

import java.util.UUID;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Households and the accounts that open them. */
@Service
public class HouseholdService implements UserDetailsService {

    private final AccountRepository accounts;
    private final HouseholdRepository households;
    private final PasswordEncoder passwords;

    HouseholdService(AccountRepository accounts, HouseholdRepository households, PasswordEncoder passwords) {
        this.accounts = accounts;
        this.households = households;
        this.passwords = passwords;
    }

    @Override
    @Transactional(readOnly = true)
    public Member loadUserByUsername(String signInName) {
        return accounts.findBySignInNameIgnoreCase(signInName)
                .map(Member::new)
                .orElseThrow(() -> new UsernameNotFoundException(signInName));
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return accounts.count() == 0;
    }

    /** Makes the first account; throws {@link DataIntegrityViolationException} when somebody else has just been first. */
    @Transactional
    public void createFirst(String householdName, String signInName, String password) {
        Account account = create(householdName, signInName, password);
        accounts.flush();
        accounts.claimFirst(account.id());
    }

    /** Makes another household with its account and answers the household's id. */
    @Transactional
    public UUID createAnother(String householdName, String signInName, String password) {
        return create(householdName, signInName, password).household().id();
    }

    private Account create(String householdName, String signInName, String password) {
        Household household = households.save(new Household(householdName));
        return accounts.save(new Account(household, signInName, encoded(password)));
    }

    private String encoded(String password) {
        String hash = passwords.encode(password);
        if (hash == null) {
            throw new IllegalArgumentException("A password is needed.");
        }
        return hash;
    }
}
