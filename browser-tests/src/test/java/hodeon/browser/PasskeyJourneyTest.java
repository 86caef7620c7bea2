package hodeon.browser;

import org.junit.jupiter.api.Test;

/** A passkey is made on a device, opens the house there without a password, and opens nothing once it is removed. */
class PasskeyJourneyTest {

    @Test
    void aFingerOpensTheHouse() {
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.keepsKeys();
            browser.signInTo(OwnHouse.make());
            browser.open("/account");
            browser.type("#label", "Deck tablet");
            browser.click("#make-passkey");
            browser.see("section[aria-labelledby='passkeys-title'] li", "Deck tablet");
            browser.hasNoSeriousAccessibilityFinding();

            browser.click("form.out button");
            browser.see("[role='status']", "You are signed out");
            browser.click("#open-passkey");
            browser.see("h1", "Tidewrack Paddlers");

            browser.open("/account");
            browser.click("section[aria-labelledby='passkeys-title'] li button");
            browser.see("[role='status']", "opens nothing any more");
            browser.click("form.out button");
            browser.see("[role='status']", "You are signed out");
            browser.click("#open-passkey");
            browser.see("[x-data='passkey'] .fault", "opens nothing here");
        }
    }
}
