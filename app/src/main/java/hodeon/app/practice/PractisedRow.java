package hodeon.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.LocalDate;
import java.util.UUID;

/** What one member practised of one problem, and when it is asked again. */
@Entity
@Table(name = "practised")
@IdClass(PractisedRow.Key.class)
class PractisedRow {

    record Key(UUID householdId, String who, String problemId) implements Serializable {}

    @Id
    UUID householdId = new UUID(0, 0);

    @Id
    String who = "";

    @Id
    String problemId = "";

    double ease;
    int days;
    int repetitions;
    LocalDate dueOn = LocalDate.EPOCH;
    LocalDate lastOn = LocalDate.EPOCH;
    int times;
    int lastRight;
    int lastAsked;
    int lastSeconds;
}
