// Choices of how to look at a page are shown at once; without script a button does it.
document.addEventListener('alpine:init', () => {
  Alpine.data('choices', () => ({
    scriptless: true,

    init() {
      this.scriptless = false;
    },

    looked(event) {
      event.target.form.requestSubmit();
    },
  }));
});
