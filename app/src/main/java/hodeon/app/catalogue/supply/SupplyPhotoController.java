package hodeon.app.catalogue.supply;

import hodeon.app.household.Member;
import hodeon.app.shell.NotHere;
import hodeon.core.notice.Fault;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The photo of a supply: shown, put, taken away. */
@Controller
class SupplyPhotoController {

    private final SupplyPhotos photos;

    SupplyPhotoController(SupplyPhotos photos) {
        this.photos = photos;
    }

    @GetMapping("/supplies/{id}/photo.jpg")
    ResponseEntity<byte[]> photo(@AuthenticationPrincipal Member member, @PathVariable String id) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .body(photos.of(member.householdId(), id).orElseThrow(() -> new NotHere("photo of supply " + id)));
    }

    @PostMapping("/supplies/{id}/photo")
    String put(
            @AuthenticationPrincipal Member member,
            @PathVariable String id,
            @RequestParam MultipartFile photo,
            RedirectAttributes next)
            throws IOException {
        Optional<Fault> fault = photos.put(member.householdId(), id, photo.getBytes());
        fault.ifPresent(f -> next.addFlashAttribute("photoFaults", List.of(f)));
        next.addAttribute("edit", id);
        return "redirect:/supplies#edit";
    }

    @PostMapping("/supplies/{id}/photo/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable String id, RedirectAttributes next) {
        photos.remove(member.householdId(), id);
        next.addAttribute("edit", id);
        return "redirect:/supplies#edit";
    }
}
