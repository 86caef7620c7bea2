// A drill against the clock: the seconds go with the answers.
document.addEventListener('alpine:init', () => {
  Alpine.data('drill', () => ({
    began: Date.now(),
    seconds: 0,

    init() {
      setInterval(() => {
        this.seconds = Math.round((Date.now() - this.began) / 1000);
      }, 1000);
    },

    // A compartment of the drawing is touched: its answer is chosen, if it is one of the answers.
    tap(event) {
      const name = event.currentTarget.dataset.partName;
      const answers = [...this.$root.querySelectorAll('input[name="answer-where"]')];
      const answer = answers.find((a) => a.value === name || (name.endsWith('…') && a.value.startsWith(name.slice(0, -1))));
      if (answer) answer.checked = true;
      this.$root.querySelectorAll('.drill-box g').forEach((g) => g.classList.toggle('tapped', g === event.currentTarget));
    },

    get clock() {
      return `${this.seconds} s`;
    },

    stop() {
      this.$refs.seconds.value = Math.max(1, Math.round((Date.now() - this.began) / 1000));
    },
  }));
});
