// What this device keeps: the look of every page that was seen, and the pages that somebody takes along. Only over a secure connection,
// or on this machine: elsewhere a browser keeps nothing.
(() => {
  // True when a worker took it over.
  window.hodeonKeep = async (addresses) => {
    if (!('serviceWorker' in navigator)) return false;
    await navigator.serviceWorker.register('/trail-worker.js', { scope: '/' });
    const ready = await navigator.serviceWorker.ready;
    const looks = performance.getEntriesByType('resource').map((r) => r.name)
      .filter((n) => n.startsWith(location.origin) && /\/(assets|webjars)\//.test(n));
    ready.active.postMessage({ keep: [...addresses, ...looks] });
    return true;
  };
  // Nobody is signed in any more: what was kept leaves the device.
  if (location.pathname === '/sign-in') {
    window.hodeonNotes.forget();
    if ('caches' in window) caches.keys().then((names) => names.forEach((n) => caches.delete(n)));
  }
  if (document.querySelector('.menu')) window.addEventListener('load', () => window.hodeonKeep([]));
})();

document.addEventListener('alpine:init', () => {
  Alpine.data('along', () => ({
    said: '',

    init() {
      navigator.serviceWorker?.addEventListener('message', (event) => {
        if (event.data.kept !== undefined) {
          this.said = event.data.missed === 0
            ? `Kept on this device: ${event.data.kept} pages, for ${event.data.days} days. Signing out takes them away.`
            : `${event.data.missed} of ${event.data.kept + event.data.missed} pages could not be reached; press again.`;
        }
      });
    },

    async take() {
      this.said = 'Taking it along';
      const pages = this.$root.dataset.pages.split(' ').filter(Boolean);
      if (!await window.hodeonKeep(pages)) {
        this.said = 'This device keeps pages only over a secure connection (https).';
      }
    },
  }));
});
