package hodeon.app.household.account;

import hodeon.app.household.Member;
import hodeon.app.storage.seal.Seal;
import java.util.Base64;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The key that a device seals its waiting notes with: each account's own, given to whoever is signed in and kept by no cache. */
@Controller
class DeviceKeyController {

    private final Seal seal;

    DeviceKeyController(Seal seal) {
        this.seal = seal;
    }

    record DeviceKey(String key) {}

    /** While people are locked there is none, and what waits stays sealed. */
    @GetMapping("/device/key")
    ResponseEntity<DeviceKey> key(@AuthenticationPrincipal Member member) {
        if (!seal.locked().isEmpty()) {
            return ResponseEntity.status(HttpStatus.LOCKED).build();
        }
        byte[] key = seal.another("notes on a device of " + member.accountId());
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noStore())
                .body(new DeviceKey(Base64.getEncoder().encodeToString(key)));
    }
}
