// “I took this”: kept on this phone first, then sent; what cannot be sent waits and is sent later, once.
document.addEventListener('alpine:init', () => {
  const AGAIN = 15_000;

  Alpine.data('taking', () => ({
    init() {
      this.store = `hodeon-taken-${this.$root.dataset.code}`;
      this.address = `/t/${this.$root.dataset.code}`;
      for (const who of this.$root.querySelectorAll('[name="who"]')) who.value = localStorage.getItem('hodeon-who') ?? '';
      this.keepPage();
      window.addEventListener('online', () => this.send());
      setInterval(() => this.send(), AGAIN);
      this.send();
    },

    // Only where the browser lets a page be kept: over a secure connection, or on this machine.
    async keepPage() {
      if (!('serviceWorker' in navigator)) return;
      await navigator.serviceWorker.register('/trail-worker.js', { scope: '/t/' });
      const ready = await navigator.serviceWorker.ready;
      const looks = performance.getEntriesByType('resource').map((r) => r.name)
        .filter((n) => n.startsWith(location.origin) && /\/(assets|webjars)\//.test(n));
      ready.active.postMessage({ keep: [this.address, ...looks] });
    },

    remember(event) {
      localStorage.setItem('hodeon-who', event.target.value.trim());
    },

    say(event) {
      event.preventDefault();
      const said = new URLSearchParams(new FormData(event.target, event.submitter));
      said.set('id', this.id());
      this.keep([...this.waiting(), said.toString()]);
      event.target.closest('details').open = false;
      this.tell(hodeonSays('taking.writtenDownOnThisPhone'));
      this.send();
    },

    // Made here, so that what is sent twice counts once; a plain connection knows no randomUUID.
    id() {
      const bytes = crypto.getRandomValues(new Uint8Array(16));
      bytes[6] = (bytes[6] & 0x0f) | 0x40;
      bytes[8] = (bytes[8] & 0x3f) | 0x80;
      const hex = [...bytes].map((b) => b.toString(16).padStart(2, '0')).join('');
      return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-${hex.slice(12, 16)}-${hex.slice(16, 20)}-${hex.slice(20)}`;
    },

    waiting() {
      return JSON.parse(localStorage.getItem(this.store) ?? '[]');
    },

    keep(said) {
      localStorage.setItem(this.store, JSON.stringify(said));
    },

    async send() {
      if (this.sending) return;
      this.sending = true;
      try {
        while (this.waiting().length > 0) {
          const [next, ...later] = this.waiting();
          const answer = await fetch(this.address, {
            method: 'POST',
            headers: { 'Content-Type': 'application/x-www-form-urlencoded', Accept: 'text/plain' },
            body: next,
          });
          // Only an answer about the note itself ends its waiting: too many, locked or out of order may be over later.
          if (!answer.ok && answer.status !== 404 && answer.status !== 422) throw new Error('later');
          this.keep(later);
          this.tell(answer.ok ? hodeonSays('taking.thankYou') : await this.whyNot(answer));
          // What is left is read anew, unless somebody is just saying something else.
          if (answer.ok && later.length === 0 && !this.$root.querySelector('.thing[open]')) location.replace(`${this.address}?taken`);
        }
      } catch {
        this.tell(hodeonSays('taking.outOfReach', this.waiting().length));
      } finally {
        this.sending = false;
      }
    },

    async whyNot(answer) {
      return answer.status === 422 ? answer.text() : hodeonSays('taking.thisCodeOpensNothing');
    },

    tell(words) {
      const state = document.getElementById('state');
      state.textContent = words;
      state.focus();
    },
  }));
});
