package hodeon.app.journal;

import hodeon.app.storage.seal.Seal;
import hodeon.app.storage.seal.SealedText;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.MapKeyColumn;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.ColumnTransformer;
import org.jspecify.annotations.Nullable;

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

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'LOG_ENTRY.NOTE:' || {@}.id || ' ' || note")
    String note = "";

    @Nullable
    LocalDateTime happenedAt;

    /** Where that clock stood; empty for what was noted before it was kept. */
    String zone = "";

    /** Who of the party it was; null for a stranger, and in rows of older files, where only the name says it. */
    @Nullable
    UUID personId;

    /** A name of the party, “a stranger”, or nothing. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'LOG_ENTRY.WHO:' || {@}.id || ' ' || who")
    String who = "";

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'LOG_ENTRY.AT_PLACE:' || {@}.id || ' ' || at_place")
    String atPlace = "";

    @Nullable
    LocalDateTime tourniquetAt;

    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'LOG_ENTRY.BODY_PLACE:' || {@}.id || ' ' || body_place")
    String bodyPlace = "";

    boolean specimen;

    /** A press a line: moment on the clock on the wall, a blank, what. */
    @Convert(converter = SealedText.class)
    @ColumnTransformer(read = "'LOG_ENTRY.MOMENTS:' || {@}.id || ' ' || moments")
    String moments = "";

    @Nullable
    Integer burnPercent;

    /** Pieces by supply id. */
    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "log_use", joinColumns = @JoinColumn(name = "entry_id"))
    @MapKeyColumn(name = "supply_id")
    @Column(name = "pieces")
    @BatchSize(size = 100)
    Map<String, Integer> used = new TreeMap<>();

    protected LogEntry() {}

    LogEntry(UUID householdId, UUID tripId, UseLog.Line line, UUID id, UseLog.Detail detail) {
        this(householdId, tripId, line);
        this.id = id;
        this.happenedAt = detail.at().orElse(null);
        this.zone = detail.zone();
        this.who = detail.who();
        this.personId = detail.person().orElse(null);
        this.atPlace = detail.place();
        this.tourniquetAt = detail.tourniquetAt().orElse(null);
        this.bodyPlace = detail.bodyPlace();
        this.specimen = detail.specimen();
        this.moments =
                detail.moments().stream().map(m -> m.at() + " " + m.what()).collect(Collectors.joining("\n"));
        this.burnPercent =
                detail.burnPercent().isPresent() ? detail.burnPercent().getAsInt() : null;
        this.used.putAll(detail.used());
    }

    UseLog.Detail detail() {
        return new UseLog.Detail(
                Optional.ofNullable(happenedAt),
                zone,
                who,
                Optional.ofNullable(personId),
                atPlace,
                Map.copyOf(used),
                Optional.ofNullable(tourniquetAt),
                bodyPlace,
                specimen,
                burnPercent == null ? OptionalInt.empty() : OptionalInt.of(burnPercent),
                moments.equals(Seal.UNREADABLE)
                        ? List.of()
                        : moments.lines().map(LogEntry::moment).toList());
    }

    /** By id, or by the whole name in rows of older files. */
    boolean isAbout(UUID person, String called) {
        return personId == null ? who.equalsIgnoreCase(called) : personId.equals(person);
    }

    private static UseLog.Moment moment(String line) {
        int blank = line.indexOf(' ');
        return new UseLog.Moment(LocalDateTime.parse(line.substring(0, blank)), line.substring(blank + 1));
    }

    LogEntry(UUID householdId, UUID tripId, UseLog.Line line) {
        this.householdId = householdId;
        this.tripId = tripId;
        this.happenedOn = line.on();
        this.problemId = line.problem();
        this.times = line.times();
        this.note = line.note();
    }
}
