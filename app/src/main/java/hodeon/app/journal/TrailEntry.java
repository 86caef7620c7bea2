package hodeon.app.journal;

import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.notice.Faults;
import hodeon.core.party.Party;
import hodeon.core.party.Person;
import java.time.DateTimeException;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What a device sends: strings and numbers as they were noted, perhaps days ago. Fields may be missing. */
record TrailEntry(
        @Nullable String id,
        @Nullable String at,
        @Nullable String problem,
        @Nullable String who,
        @Nullable String person,
        @Nullable String place,
        @Nullable String note,
        @Nullable Map<String, Integer> used,
        @Nullable String tourniquetAt,
        @Nullable String bodyPlace,
        @Nullable Boolean specimen,
        @Nullable String burnPercent,
        @Nullable String zone,
        @Nullable String over,
        @Nullable List<TrailEntry.Pressed> moments) {

    /** What was pressed while somebody was helped. */
    record Pressed(@Nullable String at, @Nullable String what) {}

    private static final int MOST_KINDS = 60;
    private static final int MOST_PIECES = 1_000;
    private static final int MOST_MOMENTS = 200;

    /**
     * A note that can be kept.
     *
     * @param zone where the clock on the wall stood
     * @param over why medicine was given although its clock spoke against it; empty if nobody said so
     */
    record Checked(UUID id, UseLog.Line line, UseLog.Detail detail, LocalDateTime when, ZoneId zone, String over) {

        /** Where clocks went back an hour comes twice: the later one is meant, which makes one wait longer. */
        ZonedDateTime moment() {
            return when.atZone(zone).withLaterOffsetAtOverlap();
        }
    }

    /** Empty with everything that is wrong in {@code faults}. */
    Optional<Checked> check(Trip trip, Catalogue catalogue, Faults faults) {
        Optional<UUID> entryId = uuid(faults);
        LocalDateTime when = time("time", text(at), faults).orElse(trip.start().atStartOfDay());
        if (when.toLocalDate().isBefore(trip.start()) || when.toLocalDate().isAfter(trip.end())) {
            faults.add(
                    "time",
                    text(at),
                    Wording.says("trailEntry.itHappenedOnADayOfThe", trip.start(), trip.end()),
                    Wording.says("trailEntry.correctTheTimeOrTheDatesIn"));
        }
        String what = text(problem);
        if (catalogue.problem(what).isEmpty()) {
            faults.add(
                    "problem",
                    what,
                    Wording.says("trailEntry.theProblemIsOneOfThoseThe"),
                    Wording.says("trailEntry.noteItAgain"));
        }
        Map<String, Integer> pieces = pieces(catalogue, faults);
        UseLog.Line line = new UseLog.Line(when.toLocalDate(), what, 1, oneLine("note", text(note), 200, faults));
        UseLog.Detail detail = new UseLog.Detail(
                Optional.of(when),
                zoneOr(HouseStyle.here().zoneHere()).getId(),
                oneLine("who", text(who), 80, faults),
                of(trip.party()),
                oneLine("place", text(place), 120, faults),
                pieces,
                text(tourniquetAt).isEmpty()
                        ? Optional.empty()
                        : time(Wording.says("trailEntry.tourniquetTime"), text(tourniquetAt), faults),
                oneLine(Wording.says("trailEntry.placeOnTheBody"), text(bodyPlace), 80, faults),
                Boolean.TRUE.equals(specimen),
                percent(faults),
                moments(faults));
        String reason = oneLine("reason", text(over), 300, faults);
        return faults.none()
                ? entryId.map(i -> new Checked(
                        i, line, detail, when, zoneOr(HouseStyle.here().zoneHere()), reason))
                : Optional.empty();
    }

    /** A device that names no zone we know stood where the server stands, as far as anybody can tell. */
    private ZoneId zoneOr(ZoneId usual) {
        return ZoneId.getAvailableZoneIds().contains(text(zone)) ? ZoneId.of(text(zone)) : usual;
    }

    /** By id; a device that kept its page for long sends the name alone. */
    private Optional<UUID> of(Party party) {
        return party.people().stream()
                .filter(p -> p.id().toString().equals(text(person))
                        || text(person).isEmpty() && p.name().equals(text(who)))
                .map(Person::id)
                .findFirst();
    }

    private static String text(@Nullable String given) {
        return given == null ? "" : given.strip();
    }

    private Optional<UUID> uuid(Faults faults) {
        try {
            return Optional.of(UUID.fromString(text(id)));
        } catch (IllegalArgumentException e) {
            faults.add(
                    "id",
                    text(id),
                    Wording.says("trailEntry.aNoteHasAnIdOfIts"),
                    Wording.says("trailEntry.reloadThePageAndNoteItAgain"));
            return Optional.empty();
        }
    }

    private static Optional<LocalDateTime> time(String field, String given, Faults faults) {
        try {
            return Optional.of(LocalDateTime.parse(given).truncatedTo(ChronoUnit.MINUTES));
        } catch (DateTimeException e) {
            faults.add(
                    field,
                    given,
                    Wording.says("trailEntry.theIsADayAndATime", field),
                    Wording.says("trailEntry.writeItLike20270612t1020"));
            return Optional.empty();
        }
    }

    private static String oneLine(String field, String given, int most, Faults faults) {
        if (given.length() > most || given.chars().anyMatch(Character::isISOControl)) {
            faults.add(
                    field,
                    given,
                    Wording.says("trailEntry.isOneLineOfAtMostCharacters", field, most),
                    Wording.says("doseLines.shortenIt"));
        }
        return given;
    }

    private Map<String, Integer> pieces(Catalogue catalogue, Faults faults) {
        Map<String, Integer> pieces = new TreeMap<>();
        Map<String, Integer> given = used == null ? Map.of() : used;
        List<String> unknown = given.keySet().stream()
                .filter(s -> catalogue.supply(s).isEmpty())
                .toList();
        if (!unknown.isEmpty() || given.size() > MOST_KINDS) {
            faults.add(
                    "used",
                    String.join(", ", unknown),
                    Wording.says("trailEntry.whatWasUsedIsInTheCatalogue"),
                    Wording.says("trailEntry.leaveItOut"));
            return pieces;
        }
        given.forEach((supply, number) -> {
            if (number == null || number < 0 || number > MOST_PIECES) {
                faults.add(
                        "used",
                        supply + ": " + number,
                        Wording.says("trailEntry.soManyPiecesWereUsedFrom0"),
                        Wording.says("problemController.correctIt"));
            } else if (number > 0) {
                pieces.put(supply, number);
            }
        });
        return pieces;
    }

    private List<UseLog.Moment> moments(Faults faults) {
        List<Pressed> given = moments == null ? List.of() : moments;
        if (given.size() > MOST_MOMENTS) {
            faults.add(
                    "times",
                    Wording.says("trailEntry.ofThem", given.size()),
                    Wording.says("trailEntry.aNoteKeepsAtMostTimes", MOST_MOMENTS),
                    Wording.says("trailEntry.clearSome"));
            return List.of();
        }
        List<UseLog.Moment> read = new ArrayList<>();
        for (Pressed pressed : given) {
            String what = oneLine(Wording.says("trailEntry.whatWasDone"), text(pressed.what()), 120, faults);
            try {
                read.add(new UseLog.Moment(
                        LocalDateTime.parse(text(pressed.at())).truncatedTo(ChronoUnit.SECONDS), what));
            } catch (DateTimeException e) {
                faults.add(
                        "times",
                        text(pressed.at()),
                        Wording.says("trailEntry.eachIsADayAndATime"),
                        Wording.says("trailEntry.writeItLike20270612t10202"));
            }
        }
        return read;
    }

    private OptionalInt percent(Faults faults) {
        String given = text(burnPercent);
        if (given.isEmpty()) {
            return OptionalInt.empty();
        }
        try {
            int percent = Integer.parseInt(given);
            if (percent >= 0 && percent <= 100) {
                return OptionalInt.of(percent);
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        faults.add(
                "burn",
                given,
                Wording.says("trailEntry.theBurntShareOfTheBodyIs"),
                Wording.says("trailEntry.aPalmIsAbout1"));
        return OptionalInt.empty();
    }
}
