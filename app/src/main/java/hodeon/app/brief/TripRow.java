package hodeon.app.brief;

import hodeon.core.brief.Carriage;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Thrift;
import hodeon.core.party.Training;
import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.hibernate.annotations.SQLRestriction;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "trip")
@SQLRestriction("deleted_at is null")
class TripRow {

    @Id
    UUID id = UUID.randomUUID();

    UUID householdId = new UUID(0, 0);

    /** Null until first saved, so that a row whose id is already given is known to be new. */
    @Version
    @Nullable
    Long version;

    /** When it was put in the bin; rows with a day here are seen by the bin alone. */
    @Nullable
    LocalDateTime deletedAt;

    String name = "";
    LocalDate startDate = LocalDate.EPOCH;
    LocalDate endDate = LocalDate.EPOCH;

    @Enumerated(EnumType.STRING)
    Season season = Season.SUMMER;

    int hoursToCare;

    @Enumerated(EnumType.STRING)
    Stance stance = Stance.HOLD_UNTIL_HELP;

    @Column(name = "mass_limit_mg")
    long massLimitMilligrams;

    /** Names of constants with spaces between. */
    String region = "";

    String passage = "";
    int dogs;
    int strangersPercent;

    @Column(name = "volume_limit_ul")
    @Nullable
    Long volumeLimitMicrolitres;

    @Nullable
    Long priceLimitHundredths;

    @Nullable
    Integer kindsLimit;

    boolean stove = true;

    /** Null where it follows from the activity. */
    @Enumerated(EnumType.STRING)
    @Nullable
    Carriage carriage;

    /** Names of constants with spaces between; null where what is at hand follows from the rest. */
    @Nullable
    String reach;

    @Enumerated(EnumType.STRING)
    Thrift thrift = Thrift.USUAL;

    boolean comfort;

    /** Days until a kit that stays is filled up; null for an outing. Its legs are those of a usual week. */
    @Nullable
    Integer refillDays;

    /** Visits a week where nobody knows who comes by; 0 for people who are always the same. */
    int visitingAdults;

    int visitingChildren;

    /** What whoever looks after the visitors has learned; null where there are none. */
    @Enumerated(EnumType.STRING)
    @Nullable
    Training visitingTraining;

    @ElementCollection
    @CollectionTable(name = "trip_leg", joinColumns = @JoinColumn(name = "trip_id"))
    @OrderColumn(name = "position")
    List<LegRow> legs = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "trip_person", joinColumns = @JoinColumn(name = "trip_id"))
    @OrderColumn(name = "position")
    List<PersonRow> people = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "trip_factor", joinColumns = @JoinColumn(name = "trip_id"))
    Set<FactorRow> factors = new HashSet<>();
}
