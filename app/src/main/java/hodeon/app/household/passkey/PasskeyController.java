package hodeon.app.household.passkey;

import hodeon.app.household.Audit;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.account.SecondLook;
import hodeon.app.household.account.SignedIn;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Wording;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.authentication.HttpSessionPublicKeyCredentialRequestOptionsRepository;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.registration.HttpSessionPublicKeyCredentialCreationOptionsRepository;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Makes passkeys, opens the house with them, and takes them away. What is asked of the device waits in the session and is asked once. */
@Controller
class PasskeyController {

    private static final Logger LOG = LoggerFactory.getLogger(PasskeyController.class);
    private static final int LONGEST_LABEL = 60;
    private static final TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>> MADE =
            new TypeReference<>() {};
    private static final TypeReference<PublicKeyCredential<AuthenticatorAssertionResponse>> SHOWN =
            new TypeReference<>() {};

    private final JsonMapper json =
            JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();
    private final HttpSessionPublicKeyCredentialCreationOptionsRepository making =
            new HttpSessionPublicKeyCredentialCreationOptionsRepository();
    private final HttpSessionPublicKeyCredentialRequestOptionsRepository opening =
            new HttpSessionPublicKeyCredentialRequestOptionsRepository();

    private final Passkeys passkeys;
    private final HouseholdService households;
    private final SignedIn signedIn;
    private final Audit audit;

    PasskeyController(Passkeys passkeys, HouseholdService households, SignedIn signedIn, Audit audit) {
        this.passkeys = passkeys;
        this.households = households;
        this.signedIn = signedIn;
        this.audit = audit;
    }

    @PostMapping("/account/passkeys/options")
    ResponseEntity<String> toMake(Authentication by, HttpServletRequest request, HttpServletResponse response) {
        PublicKeyCredentialCreationOptions options = passkeys.toMake(by, request);
        making.save(request, response, options);
        return asJson(options);
    }

    @PostMapping("/account/passkeys")
    ResponseEntity<String> make(
            @AuthenticationPrincipal Member member,
            @RequestParam(defaultValue = "") String label,
            @RequestBody String answer,
            HttpServletRequest request,
            HttpServletResponse response) {
        PublicKeyCredentialCreationOptions asked = making.load(request);
        making.save(request, response, null);
        String name = label.strip().isEmpty() ? "Passkey" : label.strip();
        if (asked == null || name.length() > LONGEST_LABEL) {
            return refused(Wording.says("passkeyController.aPasskeysNameHasAtMostCharacters", LONGEST_LABEL));
        }
        try {
            passkeys.make(asked, new RelyingPartyPublicKey(json.readValue(answer, MADE), name), request);
        } catch (RuntimeException wrong) {
            LOG.info("A passkey was not taken: {}", wrong.getClass().getSimpleName());
            return refused(Wording.says("passkeyController.thatPasskeyWasNotTakenBeginAgain"));
        }
        audit.note(member, Audit.Kind.ACCOUNT, "made a passkey");
        return to(request, "/account");
    }

    @PostMapping("/account/passkeys/{key}/remove")
    String remove(@AuthenticationPrincipal Member member, @PathVariable String key, RedirectAttributes next) {
        String label = passkeys.remove(member, key).orElseThrow(() -> new NotHere("passkey"));
        audit.note(member, Audit.Kind.ACCOUNT, "removed a passkey");
        next.addFlashAttribute("said", Wording.says("passkeyController.opensNothingAnyMore", label));
        return "redirect:/account";
    }

    @PostMapping("/sign-in/passkey/options")
    ResponseEntity<String> toOpen(HttpServletRequest request, HttpServletResponse response) {
        PublicKeyCredentialRequestOptions options = passkeys.toOpen(
                new AnonymousAuthenticationToken("door", "nobody", AuthorityUtils.createAuthorityList("NOBODY")),
                request);
        opening.save(request, response, options);
        return asJson(options);
    }

    @PostMapping("/sign-in/passkey")
    ResponseEntity<String> open(@RequestBody String answer, HttpServletRequest request, HttpServletResponse response) {
        PublicKeyCredentialRequestOptions asked = opening.load(request);
        opening.save(request, response, null);
        Optional<String> name = Optional.ofNullable(asked).flatMap(a -> opened(a, answer, request));
        if (name.isEmpty()) {
            return refused(Wording.says("passkeyController.thatPasskeyOpensNothingHereSignIn"));
        }
        Member member = households.loadUserByUsername(name.get());
        signedIn.become(member, request, response);
        SecondLook.looked(request.getSession());
        audit.note(member, Audit.Kind.SIGN_IN, "signed in with a passkey, from " + request.getRemoteAddr());
        return to(request, "/");
    }

    private Optional<String> opened(
            PublicKeyCredentialRequestOptions asked, String answer, HttpServletRequest request) {
        try {
            return Optional.of(passkeys.opens(asked, json.readValue(answer, SHOWN), request));
        } catch (RuntimeException wrong) {
            LOG.info("A passkey opened nothing: {}", wrong.getClass().getSimpleName());
            return Optional.empty();
        }
    }

    private ResponseEntity<String> asJson(Object value) {
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_JSON).body(json.writeValueAsString(value));
    }

    private ResponseEntity<String> to(HttpServletRequest request, String page) {
        return asJson(Map.of("to", request.getContextPath() + page));
    }

    private ResponseEntity<String> refused(String why) {
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                .contentType(MediaType.APPLICATION_JSON)
                .body(json.writeValueAsString(Map.of("why", why)));
    }
}
