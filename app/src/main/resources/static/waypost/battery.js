// A rest that counts down between two tries; told by the button's own words.
document.addEventListener('alpine:init', () => {
  Alpine.data('restBetween', () => ({
    left: 0,
    running: null,
    get seconds() { return Number(this.$root.dataset.seconds); },
    get label() {
      if (this.running === null) return 'Rest ' + this.seconds + ' s';
      return this.left > 0 ? this.left + ' s left' : 'Go';
    },
    press() {
      clearInterval(this.running);
      const until = Date.now() + this.seconds * 1000;
      this.left = this.seconds;
      this.running = setInterval(() => {
        this.left = Math.max(0, Math.ceil((until - Date.now()) / 1000));
        if (this.left === 0) clearInterval(this.running);
      }, 250);
    },
    destroy() { clearInterval(this.running); },
  }));
});
