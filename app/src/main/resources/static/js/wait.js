// Whatever takes longer than half a second says what is going on, and can be left.
document.addEventListener('alpine:init', () => {
  const SOON_MS = 500;
  const ASK_AGAIN_MS = 1000;
  const WORK = [
    [/\/mat\/curve/, 'wait.theBestKitForWeights'],
    [/\/mat\/rehearse/, 'wait.rehearsing'],
    [/\/mat\/compare/, 'wait.twoKits'],
    [/\/mat\/(sort|carry)/, 'wait.sorting'],
    [/\/mat\/prune/, 'wait.whatEachPieceEarns'],
    [/\/mat/, 'wait.balancing'],
    [/\/(restock|stock\/rotate)/, 'wait.whatIsMissing'],
    [/\/cards/, 'wait.cards'],
    [/\/(odds|brief|trips\/new)/, 'wait.odds'],
    [/\.csv|\/file|\/backup/, 'wait.file'],
  ];

  // Answered within the page, not by another page.
  const inPlace = (element) => [...element.attributes].some((a) => a.name.startsWith('x-target'));

  Alpine.data('wait', () => ({
    timer: null,
    leaves: false,
    asking: null,
    shown: false,
    what: '',
    far: '',

    went(event) {
      const link = event.target.closest?.('a[href]');
      if (!link || event.defaultPrevented || event.ctrlKey || event.metaKey || event.shiftKey || link.target === '_blank') return;
      if (link.origin !== location.origin || link.hasAttribute('download') || link.pathname.endsWith('.csv') || link.pathname.endsWith('.json')) return;
      if (link.pathname === location.pathname && link.hash) return;
      this.begin(link.pathname, link);
    },

    submitted(event) {
      if (event.defaultPrevented && !inPlace(event.target)) return;
      const address = event.submitter?.getAttribute('formaction') ?? event.target.getAttribute('action') ?? location.pathname;
      if (event.target.method !== 'dialog') this.begin(address, event.target);
      const progress = event.target.dataset.progress;
      if (progress) this.asking = setInterval(() => this.ask(progress), ASK_AGAIN_MS);
    },

    // How far a long piece of work has come, where it can be asked.
    async ask(progress) {
      const answer = await fetch(progress).catch(() => null);
      if (answer?.ok) this.far = await answer.text();
    },

    begin(address, by) {
      clearTimeout(this.timer);
      this.leaves = !inPlace(by);
      this.what = hodeonSays(WORK.find(([path]) => path.test(address))?.[1] ?? 'wait.working');
      this.timer = setTimeout(() => {
        this.shown = true;
      }, SOON_MS);
    },

    // An answer within the page has come. A mat that is still looking for a better kit asks by itself: that answers nobody who
    // waits for another page.
    answered() {
      if (!this.leaves) this.came();
    },

    came() {
      clearTimeout(this.timer);
      clearInterval(this.asking);
      this.far = '';
      this.shown = false;
    },

    // The page that was there stays; what was begun may go on behind it and is there at once the next time.
    leave() {
      window.stop();
      this.came();
    },
  }));
});
