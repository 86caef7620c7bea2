// What holds on every page: ? shows the keys, / finds, and letters press what carries them.
document.addEventListener('alpine:init', () => {
  Alpine.data('house', () => ({
    key(event) {
      if (event.ctrlKey || event.altKey || event.metaKey) return;
      if (event.target.closest('input, textarea, select, dialog')) return;
      if (event.key === '?') this.open('keys-sheet', event);
      else if (event.key === '/') this.open('find-sheet', event);
      else this.press(event);
    },

    open(id, event) {
      const sheet = document.getElementById(id);
      if (!sheet) return;
      event.preventDefault();
      sheet.showModal();
    },

    press(event) {
      const button = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
      if (!button || button.disabled) return;
      event.preventDefault();
      button.click();
    },

    keys() {
      document.getElementById('keys-sheet').showModal();
    },

    find() {
      document.getElementById('find-sheet').showModal();
    },

    // Whoever signs out leaves no pages behind on this device.
    forget() {
      if ('caches' in window) caches.keys().then((names) => names.forEach((n) => caches.delete(n)));
    },

    search(event) {
      event.target.form.requestSubmit();
    },
  }));
});
