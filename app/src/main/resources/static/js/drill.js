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

    get clock() {
      return `${this.seconds} s`;
    },

    stop() {
      this.$refs.seconds.value = Math.max(1, Math.round((Date.now() - this.began) / 1000));
    },
  }));
});
