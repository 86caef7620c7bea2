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
            ? hodeonSays('device.keptOnThisDevice', event.data.kept, event.data.days)
            : hodeonSays('device.pagesCouldNotBeReached', event.data.missed, event.data.kept + event.data.missed);
        }
      });
    },

    async take() {
      this.said = hodeonSays('device.takingItAlong');
      const pages = this.$root.dataset.pages.split(' ').filter(Boolean);
      if (!await window.hodeonKeep(pages)) {
        this.said = hodeonSays('device.onlyOverASecureConnection');
      }
    },
  }));
});
