// Things of a kit laid into its compartments: dragged with a mouse, or picked up with a tap or a key and laid where one says.
document.addEventListener('alpine:init', () => {
  Alpine.data('pack', () => ({
    picked: '',
    held: null,
    from: '',
    name: '',
    count: 1,
    some: 1,
    scriptless: true,

    init() {
      this.scriptless = false;
    },

    take(thing) {
      this.picked = thing.supply;
      this.from = thing.from;
      this.name = thing.name;
      this.count = Number(thing.count);
      this.some = this.count;
    },

    pick(event) {
      this.take(event.currentTarget.closest('[data-supply]').dataset);
    },

    drop() {
      this.picked = '';
    },

    layHere(event) {
      this.lay(event.currentTarget.closest('[data-part]').dataset.part);
    },

    // Nothing opens while something is dragged, or the compartments would move away from under the mouse.
    dragged(event) {
      this.held = event.currentTarget.dataset;
      event.dataTransfer.setData('text/plain', this.held.supply);
      event.dataTransfer.effectAllowed = 'move';
    },

    over(event) {
      event.dataTransfer.dropEffect = 'move';
    },

    dropped(event) {
      if (!this.held) return;
      this.take(this.held);
      this.lay(event.currentTarget.dataset.part);
    },

    // In the drawing: pressed on a thing, let go over another compartment; or touched, then the compartment touched.
    down(event) {
      if (this.picked) return;
      this.take(event.currentTarget.dataset);
      event.stopPropagation();
    },

    up(event) {
      const part = document.elementFromPoint(event.clientX, event.clientY)?.closest('g[data-part]')?.dataset.part;
      if (this.picked && part && part !== this.from) this.lay(part);
    },

    lay(part) {
      this.$refs.supply.value = this.picked;
      this.$refs.part.value = part;
      this.$refs.from.value = this.from;
      this.$refs.pieces.value = this.some;
      document.getElementById('lay').submit();
    },
  }));

  // From the closed box to the open compartment, whole seconds.
  Alpine.data('stopwatch', () => ({
    began: 0,

    press() {
      if (this.began) this.$refs.seconds.value = Math.max(1, Math.round((Date.now() - this.began) / 1000));
      this.began = this.began ? 0 : Date.now();
    },

    get word() {
      return hodeonSays(this.began ? 'pack.itIsOpenStop' : 'pack.startTheStopWatch');
    },
  }));
});
