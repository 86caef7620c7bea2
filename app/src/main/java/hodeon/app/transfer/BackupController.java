package hodeon.app.transfer;

import hodeon.app.household.Member;
import hodeon.app.storage.Backup;
import hodeon.core.notice.Faults;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
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
    private final Clock clock;

    BackupController(Backup backup, Restore restore, Clock clock) {
        this.backup = backup;
        this.restore = restore;
        this.clock = clock;
    }

    @GetMapping("/backup")
    String page() {
        return "transfer/backup";
    }

    @GetMapping("/backup/household.json")
    ResponseEntity<byte[]> file(@AuthenticationPrincipal Member member) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_JSON)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        "attachment; filename=\"hodeon-" + LocalDate.now(clock) + ".json\"")
                .body(backup.write(member.householdId()));
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
        model.addAttribute("faults", faults.all());
        return page();
    }

    @PostMapping("/backup")
    String restore(
            @AuthenticationPrincipal Member member,
            @RequestParam MultipartFile file,
            HttpServletResponse response,
            Model model)
            throws IOException {
        Faults faults = new Faults();
        restore.restore(member.householdId(), file.getBytes(), faults);
        if (faults.none()) {
            return "redirect:/";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("faults", faults.all());
        return page();
    }
}
