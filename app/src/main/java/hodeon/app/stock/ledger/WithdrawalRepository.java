package hodeon.app.stock.ledger;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

public interface WithdrawalRepository extends JpaRepository<WithdrawalRow, UUID> {

    List<WithdrawalRow> findByHouseholdIdOrderByFromDayDesc(UUID householdId);

    long deleteByIdAndHouseholdId(UUID id, UUID householdId);
}
