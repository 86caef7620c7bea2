// Makes a passkey on this device, or opens the house with one. Where the browser cannot, nothing is offered.
document.addEventListener('alpine:init', () => {
  const possible = () =>
    'PublicKeyCredential' in window && 'parseRequestOptionsFromJSON' in PublicKeyCredential && isSecureContext;

  const asked = async (address, token, body) => {
    const headers = { 'X-CSRF-TOKEN': token, 'Content-Type': 'application/json', Accept: 'application/json' };
    const answer = await fetch(address, { method: 'POST', headers, body });
    const said = await answer.json().catch(() => ({ why: hodeonSays('passkey.theHouseDidNotAnswer') }));
    if (!answer.ok) throw new Error(said.why ?? hodeonSays('passkey.theHouseDidNotTakeThat'));
    return said;
  };

  Alpine.data('passkey', () => ({
    can: possible(),
    why: '',
    get cannot() {
      return !this.can;
    },
    async passing(work) {
      this.why = '';
      try {
        location.assign((await work()).to);
      } catch (e) {
        // Whoever closes the device's own window has said no: that is no fault.
        this.why = e.name === 'NotAllowedError' ? hodeonSays('passkey.theDeviceWasNotOpened') : e.message;
      }
    },
    make() {
      const { make, csrf } = this.$root.dataset;
      return this.passing(async () => {
        const options = await asked(`${make}/options`, csrf);
        const key = await navigator.credentials.create({
          publicKey: PublicKeyCredential.parseCreationOptionsFromJSON(options),
        });
        const label = this.$root.querySelector('[name="label"]').value;
        return asked(`${make}?${new URLSearchParams({ label })}`, csrf, JSON.stringify(key.toJSON()));
      });
    },
    open() {
      const { open, csrf } = this.$root.dataset;
      return this.passing(async () => {
        const options = await asked(`${open}/options`, csrf);
        const key = await navigator.credentials.get({
          publicKey: PublicKeyCredential.parseRequestOptionsFromJSON(options),
        });
        return asked(open, csrf, JSON.stringify(key.toJSON()));
      });
    },
  }));
});
