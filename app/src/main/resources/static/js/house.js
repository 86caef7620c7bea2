// What holds on every page: ? shows the keys, / finds, and letters press what carries them.
// Times are shown on the clock of this device: its zone goes along with every request. A page that shows times of another zone
// is fetched once more.
(() => {
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  if (!here) return;
  const secure = location.protocol === 'https:' ? '; secure' : '';
  document.cookie = `zone=${encodeURIComponent(here)}; path=/; max-age=31536000; samesite=lax${secure}`;
  const shown = document.querySelector('[data-shown-zone]');
  if (shown && shown.dataset.shownZone !== here && sessionStorage.getItem('zone-asked') !== here) {
    sessionStorage.setItem('zone-asked', here);
    location.reload();
  }
})();

document.addEventListener('alpine:init', () => {
  Alpine.data('house', () => ({
    menuOpen: false,

    // On a phone the path of an outing is one row; the step that is open stands in sight.
    init() {
      const row = document.querySelector('.strip ol');
      const here = row?.querySelector('.here');
      if (here) row.scrollLeft = here.offsetLeft - (row.clientWidth - here.offsetWidth) / 2;
    },

    toggleMenu() {
      this.menuOpen = !this.menuOpen;
    },

    // Folds only where a script can open it again.
    get menuClass() {
      return this.menuOpen ? 'folds open' : 'folds';
    },

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
      window.hodeonNotes.forget();
      if ('caches' in window) caches.keys().then((names) => names.forEach((n) => caches.delete(n)));
    },

    search(event) {
      event.target.form.requestSubmit();
    },
  }));
});
