// Doses are noted where somebody is: the time zone of the device, unless another was typed.
document.addEventListener('alpine:init', () => {
  Alpine.data('zone', () => ({
    init() {
      const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
      if (here && !this.$refs.zone.dataset.typed) this.$refs.zone.value = here;
    },
  }));
});
