// The shopping list on a phone: a tick shows at once, is kept on this device, and is sent when the house can be reached.
document.addEventListener('alpine:init', () => {
  const STORE = 'hodeon-ticks';
  const AGAIN = 15_000;

  Alpine.data('shop', () => ({
    init() {
      for (const [supply, bought] of Object.entries(this.waiting())) this.show(supply, bought === 'true');
      window.addEventListener('online', () => this.send());
      setInterval(() => this.send(), AGAIN);
      window.hodeonKeep?.([location.pathname]);
      this.send();
    },

    waiting() {
      return JSON.parse(localStorage.getItem(STORE) ?? '{}');
    },

    // Without a script the form goes to the server and the page comes back.
    tick(event) {
      event.preventDefault();
      const { supply, bought } = event.target.elements;
      localStorage.setItem(STORE, JSON.stringify({ ...this.waiting(), [supply.value]: bought.value }));
      this.show(supply.value, bought.value === 'true');
      this.send();
    },

    show(supply, ticked) {
      const line = this.$root.querySelector(`[data-supply="${CSS.escape(supply)}"]`);
      if (!line) return;
      line.classList.toggle('ticked', ticked);
      const button = line.querySelector('.tick');
      button.textContent = ticked ? '✓' : '';
      button.setAttribute('aria-pressed', ticked);
      line.querySelector('form [name="bought"]').value = !ticked;
      const all = this.$root.querySelectorAll('.buy.ticked').length;
      document.getElementById('in-basket').textContent = hodeonSays('shop.inTheBasket', all, this.$root.dataset.kinds);
    },

    async send() {
      if (this.sending) return;
      this.sending = true;
      const said = document.getElementById('ticks-wait');
      try {
        for (const [supply, bought] of Object.entries(this.waiting())) {
          const form = this.$root.querySelector('.buy form');
          const body = new URLSearchParams(new FormData(form));
          body.set('supply', supply);
          body.set('bought', bought);
          const answer = await fetch(form.action, { method: 'POST', body });
          if (!answer.ok || /sign-in/.test(answer.url)) throw new Error('not taken');
          const { [supply]: sent, ...left } = this.waiting();
          localStorage.setItem(STORE, JSON.stringify(sent === bought ? left : { ...left, [supply]: sent }));
        }
        said.textContent = '';
      } catch {
        said.textContent = hodeonSays('shop.yourTicksWait');
      } finally {
        this.sending = false;
      }
    },

    print() {
      window.print();
    },

    // The clipboard is open only on a secure connection; elsewhere the selection is copied.
    async copy(event) {
      const list = document.getElementById('list-text');
      const button = event.currentTarget;
      try {
        await navigator.clipboard.writeText(list.value);
      } catch {
        list.select();
        document.execCommand('copy');
      }
      button.textContent = hodeonSays('shop.copied');
    },
  }));
});
