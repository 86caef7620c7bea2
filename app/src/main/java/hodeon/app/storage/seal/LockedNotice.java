package hodeon.app.storage.seal;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;

/** Says on every page that people are locked, what that leaves unread, and how the key comes back. */
@ControllerAdvice
class LockedNotice {

    private final Seal seal;
    private final SealedSum sum;

    LockedNotice(Seal seal, SealedSum sum) {
        this.seal = seal;
        this.sum = sum;
    }

    /** @param sealed what cannot be read, counted */
    record Notice(String why, String sealed, String keyFile) {}

    @ModelAttribute("locked")
    @Nullable
    Notice locked() {
        return seal.locked().isEmpty() ? null : new Notice(seal.locked(), sum.says(), seal.keyFile());
    }

    @Controller
    static class LookAgain {

        private final Seal seal;
        private final Sealing sealing;

        LookAgain(Seal seal, Sealing sealing) {
            this.seal = seal;
            this.sealing = sealing;
        }

        @PostMapping("/locked/look")
        String look() {
            seal.look();
            sealing.begin();
            return "redirect:/people";
        }
    }
}
