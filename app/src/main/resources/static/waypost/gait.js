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
      this.$root.querySelector(".gait-picture").replaceChildren(frames[this.at].querySelector("svg").cloneNode(true));
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

  /* One step after the other; the next waits for the pain of the one before, and pain over the rule ends it. */
  Alpine.data("transfer", () => ({
    says: "", over: false, at: 0, worst: 0,
    init() { this.show(); },
    steps() { return [...this.$root.querySelectorAll(".transfer-steps li")]; },
    tapped(event) {
      const pain = Number(event.currentTarget.dataset.pain);
      this.worst = Math.max(this.worst, pain);
      if (pain > Number(this.$root.dataset.painMost)) {
        this.end(`Pain ${pain}: over the rule. Stop, sit or lie back, and ask the flags.`);
        return;
      }
      this.at += 1;
      if (this.at >= this.steps().length) { this.end(`All steps done, pain at most ${this.worst}.`); } else { this.show(); }
    },
    stop() { this.end("Stopped. Sit or lie back; write down what was felt."); },
    end(says) {
      this.over = true;
      this.says = says;
      const form = this.$root.querySelector(".transfer-record");
      if (form && this.at > 0) { form.elements.pain.value = String(this.worst); form.hidden = false; }
      this.mark();
    },
    again() {
      this.at = 0;
      this.worst = 0;
      this.over = false;
      this.$root.querySelector(".transfer-record")?.setAttribute("hidden", "");
      this.show();
    },
    show() {
      this.says = `Step ${this.at + 1} of ${this.steps().length}: do it, then tap the pain.`;
      this.mark();
    },
    mark() {
      this.steps().forEach((each, nth) => {
        each.classList.toggle("here", !this.over && nth === this.at);
        each.classList.toggle("past", nth < this.at);
      });
    },
  }));
});
