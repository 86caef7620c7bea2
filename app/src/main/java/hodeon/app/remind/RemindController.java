package hodeon.app.remind;

import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.mail.MailException;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Reminders as a calendar file, a private feed, and a mail digest. */
@Controller
class RemindController {

    private final Reminders reminders;
    private final Feeds feeds;
    private final Digests digests;
    private final Clock clock;

    RemindController(Reminders reminders, Feeds feeds, Digests digests, Clock clock) {
        this.reminders = reminders;
        this.feeds = feeds;
        this.digests = digests;
        this.clock = clock;
    }

    /** @param weeks of what is coming; {@code feed} its open address; nothing while there is none */
    record RemindPage(List<Week> weeks, Feeds.@Nullable Open feed, Digests.@Nullable Wish wish) {}

    @GetMapping("/reminders")
    String page(@AuthenticationPrincipal Member member, Model model) {
        RemindPage view = new RemindPage(
                Week.of(reminders.of(member.householdId()), LocalDate.now(clock)),
                feeds.open(member.householdId()).orElse(null),
                digests.wish(member.householdId()).orElse(null));
        return Shown.page("remind/reminders", view, model);
    }

    @GetMapping("/reminders/calendar.ics")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal Member member) {
        return calendar(member.householdId(), "attachment; filename=\"hodeon.ics\"");
    }

    /** Opened by its address alone; an address that was never made or is revoked is not there. */
    @GetMapping("/feeds/{secret}/calendar.ics")
    ResponseEntity<byte[]> feed(@PathVariable String secret) {
        UUID household = feeds.household(secret).orElseThrow(() -> new NotHere("feed"));
        return calendar(household, "inline; filename=\"hodeon.ics\"");
    }

    private ResponseEntity<byte[]> calendar(UUID household, String disposition) {
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "calendar", StandardCharsets.UTF_8))
                .cacheControl(CacheControl.noStore())
                .header(HttpHeaders.CONTENT_DISPOSITION, disposition)
                .body(CalendarFile.write(reminders.of(household), clock.instant())
                        .getBytes(StandardCharsets.UTF_8));
    }

    @PostMapping("/reminders/feed")
    String makeFeed(@AuthenticationPrincipal Member member, HttpServletRequest request, RedirectAttributes next) {
        String secret = feeds.make(member.householdId());
        next.addFlashAttribute(
                "address",
                ServletUriComponentsBuilder.fromContextPath(request)
                        .path("/feeds/{secret}/calendar.ics")
                        .buildAndExpand(secret)
                        .toUriString());
        return "redirect:/reminders";
    }

    @PostMapping("/reminders/feed/revoke")
    String revokeFeed(@AuthenticationPrincipal Member member) {
        feeds.revoke(member.householdId());
        return "redirect:/reminders";
    }

    @PostMapping("/reminders/digest")
    String digest(
            @AuthenticationPrincipal Member member,
            @RequestParam String address,
            @RequestParam(defaultValue = "7") String days,
            RedirectAttributes next) {
        Faults faults = new Faults();
        digests.wish(member.householdId(), address, days, faults);
        next.addFlashAttribute("faults", faults.all());
        return "redirect:/reminders";
    }

    @PostMapping("/reminders/digest/now")
    String now(@AuthenticationPrincipal Member member, RedirectAttributes next) {
        if (digests.wish(member.householdId()).isPresent()) {
            try {
                digests.send(member.householdId());
                next.addFlashAttribute("said", "Sent.");
            } catch (MailException unreachable) {
                next.addFlashAttribute(
                        "faults",
                        List.of(new Fault(
                                "mail",
                                "",
                                Wording.says("remindController.theMailServerTakesTheMailAnd"),
                                Wording.says("remindController.seeWhetherItIsRunningThenSend"))));
            }
        }
        return "redirect:/reminders";
    }
}
