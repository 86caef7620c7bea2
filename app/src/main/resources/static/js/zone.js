// Doses are noted where somebody is: time and zone come together from the device, unless something was typed.
document.addEventListener('alpine:init', () => {
  Alpine.data('zone', () => ({
    init() {
      const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
      if (!here || this.$refs.at.dataset.typed) return;
      const now = new Date();
      const local = new Date(now.getTime() - now.getTimezoneOffset() * 60_000);
      this.$refs.at.value = local.toISOString().slice(0, 16);
      this.$refs.zone.value = here;
    },
  }));
});
