document.addEventListener("alpine:init", () => {
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
