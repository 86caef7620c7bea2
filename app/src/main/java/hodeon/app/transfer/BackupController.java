package hodeon.app.transfer;

import hodeon.app.household.Audit;
import hodeon.app.household.Member;
import hodeon.app.household.account.PasswordJudge;
import hodeon.app.storage.Backup;
import hodeon.core.notice.Fault;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.multipart.MultipartFile;

/** The whole household as one file, out and in. */
@Controller
class BackupController {

    private final Backup backup;
    private final Restore restore;
    private final PasswordJudge judge;
    private final Audit audit;
    private final Clock clock;

    BackupController(Backup backup, Restore restore, PasswordJudge judge, Audit audit, Clock clock) {
        this.judge = judge;
        this.audit = audit;
        this.backup = backup;
        this.restore = restore;
        this.clock = clock;
    }

    @GetMapping("/backup")
    String page() {
        return "transfer/backup";
    }

    private String page(List<Fault> faults, Model model) {
        model.addAttribute("faults", faults);
        return page();
    }

    @GetMapping("/backup/household.json")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal Member member) {
        byte[] file = backup.write(member.householdId());
        audit.note(member, Audit.Kind.EXPORT, "backup");
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"hodeon-" + LocalDate.now(clock) + ".json\"")
                .body(file);
    }

    /** The same, sealed: whoever finds the file learns nothing without the passphrase. */
    @PostMapping("/backup/sealed")
    ResponseEntity<byte[]> sealed(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String passphrase,
            @RequestParam(defaultValue = "") String again) {
        if (!passphrase.equals(again)) {
            throw new Unsealed("", "the passphrase is typed twice, and these differ", "Type the same one twice");
        }
        judge.fault(passphrase, List.of(member.getUsername(), member.householdName()))
                .ifPresent(why -> {
                    throw new Unsealed("", "a passphrase is one that nobody guesses. " + why, "Choose another");
                });
        String name = "hodeon-" + LocalDate.now(clock);
        byte[] file = SealedBackup.seal(backup.write(member.householdId()), name + ".json", passphrase);
        audit.note(member, Audit.Kind.EXPORT, "sealed backup");
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/zip"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".zip\"")
                .body(file);
    }

    private static final class Unsealed extends RuntimeException {

        private static final long serialVersionUID = 1;
        private final transient Fault fault;

        Unsealed(String value, String limit, String remedy) {
            this.fault = new Fault("passphrase", value, limit, remedy);
        }
    }

    @ExceptionHandler(Unsealed.class)
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String unsealed(Unsealed why, Model model) {
        return page(List.of(why.fault), model);
    }

    @ExceptionHandler(Backup.Damaged.class)
    @ResponseStatus(HttpStatus.CONFLICT)
    String damaged(Backup.Damaged damaged, Model model) {
        Faults faults = new Faults();
        faults.add(
                "backup",
                "",
                damaged.getMessage() + " A backup holds everything and can be read again",
                "Remove that row where its page offers it, then take the backup");
        return page(faults.all(), model);
    }

    @PostMapping("/backup")
    String restore(
            @AuthenticationPrincipal Member member,
            @RequestParam MultipartFile file,
            @RequestParam(defaultValue = "") String passphrase,
            HttpServletResponse response,
            Model model)
            throws IOException {
        Faults faults = new Faults();
        byte[] sent = file.getBytes();
        Optional<byte[]> plain = SealedBackup.isOne(sent) ? SealedBackup.open(sent, passphrase) : Optional.of(sent);
        plain.ifPresentOrElse(
                bytes -> restore.restore(member.householdId(), bytes, faults),
                () -> faults.add(
                        "passphrase", "", "a sealed backup opens with the passphrase it was sealed with", "Check it"));
        if (faults.none()) {
            audit.note(member, Audit.Kind.EXPORT, "restored a backup");
        }
        if (faults.none()) {
            return "redirect:/";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return page(faults.all(), model);
    }
}
