// The handle on the curve: dragged by mouse or finger, moved by keys; what changes at each point is on the page already.
document.addEventListener('alpine:init', () => {
  Alpine.data('curve', () => ({
    point: 0,
    held: false,

    init() {
      this.point = Number(this.$root.dataset.point);
    },

    choices() {
      return [...this.$root.querySelectorAll('.curve-choice')];
    },

    choose(event) {
      this.show(Number(event.currentTarget.dataset.point));
    },

    grab(event) {
      event.preventDefault();
      event.currentTarget.setPointerCapture(event.pointerId);
      event.currentTarget.focus();
      this.held = true;
    },

    drag(event) {
      if (!this.held) return;
      const away = (choice) => {
        const box = choice.getBoundingClientRect();
        return Math.abs(box.left + box.width / 2 - event.clientX);
      };
      const nearest = this.choices().reduce((best, choice) => (away(choice) < away(best) ? choice : best));
      this.show(Number(nearest.dataset.point));
    },

    drop() {
      this.held = false;
    },

    key(event) {
      const last = this.choices().length - 1;
      const to = {
        ArrowLeft: this.point - 1, ArrowDown: this.point - 1, ArrowRight: this.point + 1, ArrowUp: this.point + 1,
        PageDown: this.point - 3, PageUp: this.point + 3, Home: 0, End: last,
      }[event.key];
      if (to === undefined) return;
      event.preventDefault();
      this.show(Math.min(last, Math.max(0, to)));
    },

    show(point) {
      if (point === this.point) return;
      this.point = point;
      const choice = this.choices()[point];
      const dot = choice.querySelector('.curve-dot');
      const handle = this.$root.querySelector('.curve-handle');
      handle.setAttribute('transform', `translate(${dot.getAttribute('cx')} ${dot.getAttribute('cy')})`);
      handle.setAttribute('aria-valuenow', point);
      handle.setAttribute('aria-valuetext', choice.dataset.says);
      this.choices().forEach((other, i) => other.querySelector('.curve-dot').classList.toggle('chosen', i === point));
      this.$root.querySelectorAll('.curve-panel').forEach((panel) => {
        panel.hidden = Number(panel.dataset.point) !== point;
      });
      this.$root.querySelector('#from-point').value = point;
    },
  }));
});
