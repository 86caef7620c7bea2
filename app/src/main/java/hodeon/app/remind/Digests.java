package hodeon.app.remind;

import hodeon.app.household.style.Styles;
import hodeon.app.post.Post;
import hodeon.app.remind.Reminders.Reminder;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.notice.Faults;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.mail.MailException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A mail now and then with what is due in the next weeks. */
@Service
class Digests {

    static final int MOST_DAYS = 90;
    private static final int LONGEST_ADDRESS = 254;
    private static final int WEEKS_AHEAD = 6;
    private static final Logger LOG = LoggerFactory.getLogger(Digests.class);

    private final DigestRepository rows;
    private final Reminders reminders;
    private final Post post;
    private final Styles styles;
    private final Clock clock;

    Digests(DigestRepository rows, Reminders reminders, Post post, Styles styles, Clock clock) {
        this.rows = rows;
        this.reminders = reminders;
        this.post = post;
        this.styles = styles;
        this.clock = clock;
    }

    /** Where a household's digest goes and how often. */
    record Wish(String address, int everyDays, Optional<LocalDate> lastSent) {}

    @Transactional(readOnly = true)
    public Optional<Wish> wish(UUID household) {
        return rows.findById(household).map(r -> new Wish(r.address, r.everyDays, Optional.ofNullable(r.lastSent)));
    }

    /** An empty address ends it. */
    @Transactional
    public void wish(UUID household, String address, String everyDays, Faults faults) {
        if (address.isBlank()) {
            rows.deleteById(household);
            return;
        }
        checkAddress(address.strip(), faults);
        int days = days(everyDays, faults);
        if (faults.none()) {
            DigestRow row = rows.findById(household).orElseGet(DigestRow::new);
            row.householdId = household;
            row.address = address.strip();
            row.everyDays = days;
            rows.save(row);
        }
    }

    private static void checkAddress(String address, Faults faults) {
        try {
            InternetAddress parsed = new InternetAddress(address, true);
            if (parsed.getAddress().equals(address) && address.contains("@") && address.length() <= LONGEST_ADDRESS) {
                return;
            }
        } catch (AddressException e) {
            // Told below.
        }
        faults.add(
                "address",
                address,
                Wording.says("digests.aMailAddressIsLikeNamePlace"),
                Wording.says("problemController.correctIt"));
    }

    private static int days(String given, Faults faults) {
        try {
            int days = Integer.parseInt(given.strip());
            if (days >= 1 && days <= MOST_DAYS) {
                return days;
            }
        } catch (NumberFormatException e) {
            // Told below.
        }
        faults.add(
                "days",
                given,
                Wording.says("digests.aDigestComesEvery1ToDays", MOST_DAYS),
                Wording.says("problemController.correctIt"));
        return 1;
    }

    /** Looks every hour who is due one, so that a computer that slept catches up. */
    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT1H")
    public void sendDue() {
        LocalDate today = LocalDate.now(clock);
        for (DigestRow row : rows.findAll()) {
            LocalDate last = row.lastSent;
            if (last == null || !last.plusDays(row.everyDays).isAfter(today)) {
                try {
                    send(row.householdId);
                } catch (MailException unreachable) {
                    LOG.warn(
                            "The digest could not be sent and is tried again in an hour: {}", unreachable.getMessage());
                }
            }
        }
    }

    /** Sends one now; throws {@link MailException} when the mail server does not take it. */
    public void send(UUID household) {
        DigestRow row = rows.findById(household).orElseThrow();
        LocalDate today = LocalDate.now(clock);
        List<Reminder> soon = reminders.of(household).stream()
                .filter(r -> r.first().isBefore(today.plusWeeks(WEEKS_AHEAD)))
                .toList();
        styles.of(household).in(() -> {
            post.send(household, row.address, subject(soon, today), text(soon, today));
            return true;
        });
        row.lastSent = today;
        rows.save(row);
    }

    private static String subject(List<Reminder> soon, LocalDate today) {
        long late = soon.stream().filter(r -> r.last().isBefore(today)).count();
        return Wording.says(
                "digests.firstAidKits",
                (soon.isEmpty()
                        ? Wording.says("digests.nothingDue")
                        : Wording.says("digests.dueInSixWeeks", soon.size())),
                (late == 0 ? "" : Wording.says("digests.overdue", late)));
    }

    private static String text(List<Reminder> soon, LocalDate today) {
        StringBuilder text = new StringBuilder();
        for (Reminder r : soon) {
            text.append(HouseStyle.here().says(r.first()))
                    .append(r.last().isBefore(today) ? " " + Wording.says("digests.overdue2") + " " : " ")
                    .append(r.title())
                    .append('\n');
        }
        return text.append(soon.isEmpty() ? Wording.says("digests.nothingIsDueInTheNextSixWeeks") + "\n" : "")
                .append('\n')
                .append(Wording.says("digests.notMedicalAdvice"))
                .append('\n')
                .toString();
    }
}
