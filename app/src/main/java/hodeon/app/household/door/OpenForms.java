package hodeon.app.household.door;

import hodeon.app.household.Member;
import hodeon.app.household.Right;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpMethod;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;

/** Tells a page which of its forms whoever looks may send, so that it does not offer the others. The server decides all the same. */
@ControllerAdvice
class OpenForms {

    /** Whose notes wait on a device; nothing while nobody is signed in. */
    @ModelAttribute("memberId")
    @Nullable
    UUID memberId(@Nullable @AuthenticationPrincipal Member member) {
        return member == null ? null : member.accountId();
    }

    /** Patterns in order, each with 1 or 0, such as “/stock/checks/**=1 /**=0”; nothing for whoever may do everything on pages. */
    @ModelAttribute("openForms")
    @Nullable
    String openForms(@Nullable @AuthenticationPrincipal Member member) {
        if (member == null || member.may(Right.PLAN)) {
            return null;
        }
        String uses = member.may(Right.TAKE) ? Doors.LOT + "=1 " : "";
        return uses
                + Doors.OWN.stream().map(p -> p + "=1").collect(Collectors.joining(" ", "/sign-out=1 ", " "))
                + Doors.ALL.stream()
                        .filter(d -> d.method().equals(HttpMethod.POST))
                        .map(d -> d.pattern() + (member.may(d.right()) ? "=1" : "=0"))
                        .collect(Collectors.joining(" "));
    }
}
