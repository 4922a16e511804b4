document.addEventListener("alpine:init", () => {
  /* Pushes called one after the other, position by position. Pain ends it; what is told is counted, not felt. */
  Alpine.data("holdsStill", () => ({
    positions: [], answers: [], at: 0, over: false,
    init() {
      this.positions = [...this.$root.querySelectorAll(".still-open")].map((item) => ({ item, title: item.dataset.title, pushes: item.dataset.pushes.split("|") }));
      this.again();
    },
    get going() { return !this.over && this.positions.length > 0; },
    get now() { return this.positions[this.at]; },
    get where() { return this.going ? this.now.title : ""; },
    get push() { return this.going ? this.now.pushes[this.answers[this.at].length] : this.over ? "Done" : ""; },
    get says() {
      if (!this.over) { return this.going ? `Push ${this.answers[this.at].length + 1} of ${this.now.pushes.length}.` : ""; }
      const all = this.answers.join("");
      if (all.includes("P")) { return "Pain: stop here. It is not held still."; }
      return all.includes("W") ? "Wavers seen: it is not held still yet." : "Held still in every open position.";
    },
    still() { this.answer("S"); },
    wavers() { this.answer("W"); },
    pain() { this.answer("P"); },
    answer(letter) {
      if (!this.going) { return; }
      this.answers[this.at] += letter;
      this.count();
      if (letter === "P") { this.finish(); return; }
      if (this.answers[this.at].length < this.now.pushes.length) { return; }
      if (this.at + 1 < this.positions.length) { this.at += 1; } else { this.finish(); }
    },
    count() {
      const wavered = [...new Set([...this.answers[this.at]].flatMap((each, nth) => (each === "S" ? [] : [this.now.pushes[nth]])))];
      const steady = [...this.answers[this.at]].filter((each) => each === "S").length;
      this.now.item.querySelector(".still-count").textContent = `${steady} of ${this.answers[this.at].length} still${wavered.length ? ": not " + wavered.join(", ") : ""}`;
    },
    finish() {
      this.over = true;
      const form = this.$root.querySelector(".still-record");
      if (form) { form.elements.answers.value = this.answers.map((each) => each || "P").join(" "); form.hidden = false; }
    },
    again() {
      this.answers = this.positions.map(() => "");
      this.at = 0;
      this.over = false;
      this.positions.forEach((each) => { each.item.querySelector(".still-count").textContent = "not yet pushed"; });
      this.$root.querySelector(".still-record")?.setAttribute("hidden", "");
    },
  }));
});
