package hodeon.app.household.member;

import hodeon.app.household.AccountKeys;
import hodeon.app.household.Audit;
import hodeon.app.household.Member;
import hodeon.app.household.Memberships;
import hodeon.app.household.Role;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import java.util.List;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Who belongs to the household and what they may do: invite, change, hand over, remove; and what was done in it. */
@Controller
@RequestMapping("/settings")
class MembersController {

    private static final int AUDIT_SHOWN = 200;

    private final Memberships memberships;
    private final Invitations invitations;
    private final Farewells farewells;
    private final AccountKeys keys;
    private final Audit audit;

    MembersController(
            Memberships memberships, Invitations invitations, Farewells farewells, AccountKeys keys, Audit audit) {
        this.keys = keys;
        this.memberships = memberships;
        this.invitations = invitations;
        this.farewells = farewells;
        this.audit = audit;
    }

    record MembersPage(
            String household,
            UUID self,
            List<Memberships.Belongs> members,
            List<Invitations.Open> invitations,
            List<Role> roles,
            Farewells.State farewell) {}

    @GetMapping("/members")
    String members(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page(
                "household/members",
                new MembersPage(
                        member.householdName(),
                        member.accountId(),
                        memberships.of(member.householdId()),
                        invitations.open(member.householdId()),
                        List.of(Role.values()),
                        farewells.state(member)),
                model);
    }

    record AuditPage(List<Audit.Noted> lines, int most) {}

    @GetMapping("/audit")
    String audit(@AuthenticationPrincipal Member member, Model model) {
        return Shown.page(
                "household/audit", new AuditPage(audit.latest(member.householdId(), AUDIT_SHOWN), AUDIT_SHOWN), model);
    }

    @PostMapping("/members/invite")
    String invite(@AuthenticationPrincipal Member member, @RequestParam Role role, RedirectAttributes next) {
        if (invitations.open(member.householdId()).size() >= Invitations.MOST_OPEN
                || memberships.of(member.householdId()).size() >= Memberships.MOST_MEMBERS) {
            next.addFlashAttribute(
                    "fault",
                    Wording.says(
                            "membersController.atMostInvitationsAreOpen",
                            Invitations.MOST_OPEN,
                            Memberships.MOST_MEMBERS));
        } else {
            String code = invitations.make(member, role);
            next.addFlashAttribute("code", code);
            next.addFlashAttribute(
                    "link",
                    ServletUriComponentsBuilder.fromCurrentContextPath()
                            .path("/join/{code}")
                            .build(code)
                            .toString());
        }
        return "redirect:/settings/members";
    }

    @PostMapping("/members/invitations/{id}/revoke")
    String revoke(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        invitations.revoke(member, id);
        return "redirect:/settings/members";
    }

    @PostMapping("/members/{id}/role")
    String role(@AuthenticationPrincipal Member member, @PathVariable UUID id, @RequestParam Role role) {
        memberships.role(member, id, role);
        return "redirect:/settings/members";
    }

    @PostMapping("/members/{id}/hand-over")
    String handOver(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        memberships.handOver(member, id);
        return "redirect:/settings";
    }

    @PostMapping("/members/{id}/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable UUID id) {
        memberships.remove(member, id);
        return member.accountId().equals(id) ? "redirect:/households" : "redirect:/settings/members";
    }

    /** A link by which somebody who has lost their password sets a new one. */
    @PostMapping("/members/{id}/way-back")
    String wayBack(@AuthenticationPrincipal Member member, @PathVariable UUID id, RedirectAttributes next) {
        keys.linkFromKeeper(member, id)
                .ifPresentOrElse(
                        secret -> next.addFlashAttribute(
                                "wayBack",
                                ServletUriComponentsBuilder.fromCurrentContextPath()
                                        .path("/recover/{secret}")
                                        .build(secret)
                                        .toString()),
                        () -> next.addFlashAttribute(
                                "fault",
                                "They belong to another household too, and you keep only this one. They get back in by a recovery code or by mail."));
        return "redirect:/settings/members";
    }

    @PostMapping("/members/farewell/ask")
    String ask(@AuthenticationPrincipal Member member, RedirectAttributes next) {
        if (!farewells.ask(member)) {
            next.addFlashAttribute(
                    "fault", "A household is erased only after its backup was taken. Take the backup first.");
        }
        return "redirect:/settings/members#farewell";
    }

    @PostMapping("/members/farewell/stay")
    String stay(@AuthenticationPrincipal Member member) {
        farewells.takeBack(member);
        return "redirect:/settings/members#farewell";
    }

    @PostMapping("/members/farewell/agree")
    String agree(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String name,
            RedirectAttributes next) {
        if (!name.strip().equals(member.householdName())) {
            next.addFlashAttribute("fault", Wording.says("membersController.isNotTheHouseholdsName", name.strip()));
        } else if (farewells.agree(member)) {
            next.addFlashAttribute("said", Wording.says("membersController.isErased", member.householdName()));
            return "redirect:/households";
        } else {
            next.addFlashAttribute("fault", "It takes another keeper to agree.");
        }
        return "redirect:/settings/members#farewell";
    }

    @ExceptionHandler(Memberships.LastKeeper.class)
    String lastKeeper(RedirectAttributes next) {
        next.addFlashAttribute(
                "fault", "A household needs a keeper, and this is the only one. Make somebody else a keeper first.");
        return "redirect:/settings/members";
    }
}
