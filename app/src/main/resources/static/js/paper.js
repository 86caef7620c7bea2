// Pages meant for paper: a button that opens the browser's print dialogue.
document.addEventListener('alpine:init', () => {
  Alpine.data('paper', () => ({
    print() {
      window.print();
    },
  }));
});
