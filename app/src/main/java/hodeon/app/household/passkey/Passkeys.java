package hodeon.app.household.passkey;

import hodeon.app.household.Member;
import hodeon.app.shell.style.HouseStyle;
import jakarta.servlet.http.HttpServletRequest;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Passkeys by Spring Security's relying party (W3C Web Authentication, level 3). Each belongs to the name that the house was called by
 * when it was made, which browsers demand; the firewall has seen to it that the name is one of the house's own. The device asks its
 * owner for a finger, a face or a number, so that a passkey stands for the password and the second factor both.
 */
@Service
@Transactional
public class Passkeys {

    private final PublicKeyCredentialUserEntityRepository owners;
    private final UserCredentialRepository records;

    Passkeys(PublicKeyCredentialUserEntityRepository owners, UserCredentialRepository records) {
        this.owners = owners;
        this.records = records;
    }

    /** @param key names it; {@code used} is the day it opened the house last */
    public record Listed(String key, String label, LocalDate made, LocalDate used) {}

    /** @param possible whether one can be made here; {@code byName} is this machine by a name */
    public record Page(List<Listed> kept, boolean possible, String byName) {}

    @Transactional(readOnly = true)
    public Page page(Member member, HttpServletRequest request) {
        return new Page(of(member), possible(request), request.getScheme() + "://localhost:" + request.getServerPort());
    }

    /** Whether browsers make passkeys for the name the house is called by: an address of digits has none. */
    private static boolean possible(HttpServletRequest request) {
        return !request.getServerName().matches("[0-9.]+|.*:.*");
    }

    private Webauthn4JRelyingPartyOperations party(HttpServletRequest request) {
        String port =
                request.getServerPort() == 80 || request.getServerPort() == 443 ? "" : ":" + request.getServerPort();
        Webauthn4JRelyingPartyOperations party = new Webauthn4JRelyingPartyOperations(
                owners,
                records,
                PublicKeyCredentialRpEntity.builder()
                        .id(request.getServerName())
                        .name("Hodeon")
                        .build(),
                Set.of(request.getScheme() + "://" + request.getServerName() + port));
        party.setCustomizeCreationOptions(
                options -> options.authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
        party.setCustomizeRequestOptions(options -> options.userVerification(UserVerificationRequirement.REQUIRED));
        return party;
    }

    PublicKeyCredentialCreationOptions toMake(Authentication by, HttpServletRequest request) {
        return party(request)
                .createPublicKeyCredentialCreationOptions(new ImmutablePublicKeyCredentialCreationOptionsRequest(by));
    }

    /** Throws a {@link RuntimeException} of the library where the device's answer is not one to what was asked. */
    void make(PublicKeyCredentialCreationOptions asked, RelyingPartyPublicKey made, HttpServletRequest request) {
        party(request).registerCredential(new ImmutableRelyingPartyRegistrationRequest(asked, made));
    }

    PublicKeyCredentialRequestOptions toOpen(Authentication nobody, HttpServletRequest request) {
        return party(request)
                .createCredentialRequestOptions(new ImmutablePublicKeyCredentialRequestOptionsRequest(nobody));
    }

    /** The sign-in name of whoever it opens for; throws likewise. */
    String opens(
            PublicKeyCredentialRequestOptions asked,
            PublicKeyCredential<AuthenticatorAssertionResponse> shown,
            HttpServletRequest request) {
        return party(request)
                .authenticate(new RelyingPartyAuthenticationRequest(asked, shown))
                .getName();
    }

    /** The latest first. */
    private List<Listed> of(Member member) {
        return records(member).stream()
                .sorted(Comparator.comparing(CredentialRecord::getCreated).reversed())
                .map(r -> new Listed(
                        r.getCredentialId().toBase64UrlString(),
                        r.getLabel(),
                        LocalDate.ofInstant(r.getCreated(), HouseStyle.here().zoneHere()),
                        LocalDate.ofInstant(r.getLastUsed(), HouseStyle.here().zoneHere())))
                .toList();
    }

    private List<CredentialRecord> records(Member member) {
        return Optional.ofNullable(owners.findByUsername(member.getUsername()))
                .map(owner -> records.findByUserId(owner.getId()))
                .orElse(List.of());
    }

    /** One's own alone; answers what it was called. */
    Optional<String> remove(Member member, String key) {
        Optional<CredentialRecord> mine = records(member).stream()
                .filter(r -> r.getCredentialId().toBase64UrlString().equals(key))
                .findFirst();
        mine.ifPresent(r -> records.delete(r.getCredentialId()));
        return mine.map(CredentialRecord::getLabel);
    }
}
