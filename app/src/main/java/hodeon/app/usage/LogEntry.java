package hodeon.app.usage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.UUID;

@Entity
@Table(name = "log_entry")
class LogEntry {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);
    UUID tripId = new UUID(0, 0);
    LocalDate happenedOn = LocalDate.EPOCH;
    String problemId = "";
    int times = 1;
    String note = "";

    protected LogEntry() {}

    LogEntry(UUID householdId, UUID tripId, UseLog.Line line) {
        this.householdId = householdId;
        this.tripId = tripId;
        this.happenedOn = line.on();
        this.problemId = line.problem();
        this.times = line.times();
        this.note = line.note();
    }
}
