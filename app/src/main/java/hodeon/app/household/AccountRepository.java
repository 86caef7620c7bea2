package hodeon.app.household;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AccountRepository extends JpaRepository<Account, UUID> {

    Optional<Account> findBySignInNameIgnoreCase(String signInName);

    /** Fails with a duplicate key when another account was the first. */
    @Modifying
    @Query(value = "insert into first_account (only_row, account_id) values (1, :accountId)", nativeQuery = true)
    void claimFirst(UUID accountId);
}
