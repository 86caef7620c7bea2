// Things of a kit laid into its compartments: dragged with a mouse, or picked up with a tap or a key and laid where one says.
document.addEventListener('alpine:init', () => {
  Alpine.data('pack', () => ({
    picked: '',
    name: '',
    scriptless: true,

    init() {
      this.scriptless = false;
    },

    pick(event) {
      const thing = event.currentTarget.closest('[data-supply]').dataset;
      this.picked = thing.supply;
      this.name = thing.name;
    },

    drop() {
      this.picked = '';
    },

    layHere(event) {
      this.lay(this.picked, event.currentTarget.closest('[data-part]').dataset.part);
    },

    dragged(event) {
      event.dataTransfer.setData('text/plain', event.currentTarget.dataset.supply);
      event.dataTransfer.effectAllowed = 'move';
    },

    over(event) {
      event.dataTransfer.dropEffect = 'move';
    },

    dropped(event) {
      this.lay(event.dataTransfer.getData('text/plain'), event.currentTarget.dataset.part);
    },

    lay(supply, part) {
      this.$refs.supply.value = supply;
      this.$refs.part.value = part;
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
      return this.began ? 'It is open: stop' : 'Start the stop-watch';
    },
  }));
});
