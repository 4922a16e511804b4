document.addEventListener("alpine:init", () => {
  /* Shows one picture of the board after the other, large, with its words; it never begins by itself. */
  Alpine.data("gait", () => ({
    says: "", playSays: "Play", slow: "false", at: 0, ticking: 0,
    init() { this.show(); },
    destroy() { clearInterval(this.ticking); },
    frames() { return [...this.$root.querySelectorAll(".gait-board li")]; },
    show() {
      const frames = this.frames();
      frames.forEach((each, nth) => each.classList.toggle("here", nth === this.at));
      this.$root.querySelector(".gait-picture").replaceChildren(frames[this.at].querySelector(".gait-pair").cloneNode(true));
      this.says = frames[this.at].querySelector("p").textContent;
    },
    step() { this.at = (this.at + 1) % this.frames().length; this.show(); },
    back() { this.at = (this.at + this.frames().length - 1) % this.frames().length; this.show(); },
    toggle() { if (this.ticking) { this.pause(); } else { this.play(); } },
    play() { this.playSays = "Pause"; this.ticking = setInterval(() => this.step(), this.slow === "true" ? 3200 : 1600); },
    pause() { clearInterval(this.ticking); this.ticking = 0; this.playSays = "Play"; },
    slower() {
      this.slow = String(this.slow !== "true");
      if (this.ticking) { this.pause(); this.play(); }
    },
    key(event) {
      if (document.querySelector("dialog[open]") || event.ctrlKey || event.metaKey || event.altKey || event.target.matches("input, select, button")) { return; }
      if (event.key === "ArrowRight") { this.step(); } else if (event.key === "ArrowLeft") { this.back(); } else if (event.key === " ") { event.preventDefault(); this.toggle(); }
    },
  }));
});
