// Parts of a long page that a phone shows in a line each until they are asked for; where there is room, all are open.
document.addEventListener('alpine:init', () => {
  const FEW = 3;

  Alpine.data('fold', () => ({
    open: true,
    fixed: true,

    init() {
      const narrow = window.matchMedia('(max-width: 800px)');
      const fit = () => {
        this.fixed = !narrow.matches;
        this.open = this.fixed || this.opened() || document.querySelectorAll('[data-fold]').length <= FEW;
      };
      narrow.addEventListener('change', fit);
      fit();
    },

    // What somebody opened stays open while they come and go.
    opened() {
      return sessionStorage.getItem('fold-' + this.$root.dataset.fold) === 'open';
    },

    turn() {
      this.open = !this.open;
      sessionStorage.setItem('fold-' + this.$root.dataset.fold, this.open ? 'open' : 'folded');
    },

    get looks() {
      return { folded: !this.open };
    },

    get word() {
      return hodeonSays(this.open ? 'fold.fold' : 'fold.show');
    },
  }));
});
