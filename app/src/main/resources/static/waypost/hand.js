document.addEventListener("alpine:init", () => {
  /* One direction after the other, each as long; the time is the clock's, not the ticks'. */
  Alpine.data("scar", () => ({
    directions: ["Along", "Across", "Round to the left", "Round to the right"], each: 25000, done: 0, from: 0, ticking: 0, now: 0,
    destroy() { clearInterval(this.ticking); },
    get running() { return this.ticking !== 0; },
    get passed() { return Math.min(this.done + (this.running ? this.now - this.from : 0), this.each * this.directions.length); },
    get over() { return this.passed >= this.each * this.directions.length; },
    get says() {
      if (this.over) { return "Done"; }
      const at = Math.floor(this.passed / this.each);
      return `${this.directions[at]} ${Math.ceil((this.each * (at + 1) - this.passed) / 5000) * 5} s`;
    },
    get bar() { return { width: `${(this.passed / (this.each * this.directions.length)) * 100}%` }; },
    get label() { return this.running ? "Pause" : "Start"; },
    toggle() { if (this.running) { this.pause(); } else if (!this.over) { this.start(); } },
    start() {
      this.from = performance.now();
      this.now = this.from;
      this.ticking = setInterval(() => { this.now = performance.now(); if (this.over) { this.pause(); } }, 250);
    },
    pause() {
      this.now = performance.now();
      this.done = this.passed;
      clearInterval(this.ticking);
      this.ticking = 0;
    },
    again() { clearInterval(this.ticking); this.ticking = 0; this.done = 0; },
  }));
});
