document.addEventListener("alpine:init", () => {
  /* The operated leg's share of what both carry, repetition by repetition. One in which the plate falls silent is none. */
  Alpine.data("shareTrainer", () => ({
    now: "–", word: "on the operated leg", says: "Choose the plate. Press before a repetition and after it.", soundOn: "false",
    reps: [], current: null, shown: -1, least: 0, most: 0, heavy: 0, landing: false,
    init() {
      const data = this.$root.dataset;
      this.least = Number(data.least);
      this.most = Number(data.most);
      this.heavy = Number(data.mass) * 9.80665 / 2;
      this.landing = data.kind === "LANDING";
      this.list();
    },
    get pressLabel() { return this.current ? "It is over" : "A repetition begins"; },
    get replayTitle() { return this.shown < 0 ? "Once more" : `Repetition ${this.shown + 1} once more`; },
    get replaySays() { return this.shown < 0 ? "The last repetition is drawn here." : this.of(this.reps[this.shown]); },
    hear(event) {
      const { left, right } = event.detail;
      if (left === undefined || right === undefined) { this.silent(); return; }
      const both = left + right;
      if (both < this.heavy) { this.point(undefined); if (this.current) { this.current.flew = true; } return; }
      const share = 100 * (this.$root.dataset.side === "LEFT" ? left : right) / both;
      this.point(share);
      if (this.current) { this.keep(share); }
    },
    keep(share) {
      if (this.landing && !this.current.flew) { return; }
      const first = this.current.samples.length === 0;
      if (first) { this.current.since = Date.now(); }
      if (this.landing && Date.now() - this.current.since > 1000) { return; }
      const inside = share >= this.least && share <= this.most;
      if (!inside && this.current.inside && this.soundOn === "true") { window.waypostTone(220); }
      this.current.inside = inside;
      this.current.samples.push(share);
    },
    silent() {
      this.point(undefined);
      if (this.current) { this.current = null; this.says = "The plate fell silent: this repetition does not count. Again."; }
    },
    press() {
      if (!this.current) { this.current = { samples: [], faults: [], inside: true, flew: false }; this.says = this.landing ? "Jump, land, stand." : "Down and up."; return; }
      const rep = this.current;
      this.current = null;
      if (rep.samples.length < 3) { this.says = this.landing ? "No landing was heard in it: it does not count." : "Too little was heard of it: it does not count."; return; }
      this.reps.push(rep);
      this.shown = this.reps.length - 1;
      this.says = this.of(rep);
      if (this.soundOn === "true") { window.waypostTone(this.good(rep) ? 880 : 220); }
      this.list();
    },
    mean(rep) { return rep.samples.reduce((sum, each) => sum + each, 0) / rep.samples.length; },
    good(rep) { return this.mean(rep) >= this.least && this.mean(rep) <= this.most; },
    of(rep) {
      const mean = this.mean(rep);
      const far = rep.samples.reduce((worst, each) => Math.abs(each - 50) > Math.abs(worst - 50) ? each : worst, 50);
      const where = this.good(rep) ? "even" : mean < this.least ? "too little on it" : "too much on it";
      return `${Math.round(mean)} % on the operated leg: ${where}. Farthest from half: ${Math.round(far)} %.`;
    },
    list() {
      this.$root.querySelector(".share-reps").replaceChildren(...this.reps.map((rep) => {
        const item = document.createElement("li");
        item.className = this.good(rep) ? "weight-within" : "weight-under";
        item.textContent = `${Math.round(this.mean(rep))} % ${this.good(rep) ? "even" : "uneven"}${rep.faults.length ? " · seen" : ""}`;
        return item;
      }));
      this.draw();
      this.fill();
    },
    draw() {
      const rep = this.reps[this.shown];
      const line = rep ? rep.samples.map((share, nth) => `${nth ? "L" : "M"}${(300 * nth / (rep.samples.length - 1)).toFixed(1)} ${(160 - share * 1.6).toFixed(1)}`).join("") : "";
      this.$root.querySelector(".share-line").setAttribute("d", line);
      this.$root.querySelectorAll(".share-faults input").forEach((box) => { box.checked = rep ? rep.faults.includes(box.value) : false; box.disabled = !rep; });
    },
    before() { if (this.shown > 0) { this.shown -= 1; this.draw(); } },
    after() { if (this.shown < this.reps.length - 1) { this.shown += 1; this.draw(); } },
    fault(event) {
      const rep = this.reps[this.shown];
      rep.faults = event.target.checked ? [...rep.faults, event.target.value] : rep.faults.filter((each) => each !== event.target.value);
      this.list();
    },
    fill() {
      const form = this.$root.querySelector(".share-record");
      if (!form) { return; }
      form.hidden = this.reps.length === 0;
      if (this.reps.length === 0) { return; }
      form.elements.said.value = String(Math.round(this.reps.reduce((sum, rep) => sum + this.mean(rep), 0) / this.reps.length));
      const faults = [...new Set(this.reps.flatMap((rep) => rep.faults))];
      const even = this.reps.filter((rep) => this.good(rep)).length;
      form.elements.position.value = `${form.elements.position.dataset.title}, ${even} of ${this.reps.length} even${faults.length ? ": " + faults.join(", ") : ""}`.slice(0, 120);
    },
    again() { this.reps = []; this.current = null; this.shown = -1; this.says = "From the beginning."; this.list(); },
    point(share) {
      this.now = share === undefined ? "–" : `${Math.round(share)} %`;
      this.word = share === undefined ? "on the operated leg" : share < this.least ? "on the operated leg: more on it" : share > this.most ? "on the operated leg: less on it" : "on the operated leg: even";
      this.$root.querySelector(".share-pointer").setAttribute("d", share === undefined ? "" : `M${(share * 6).toFixed(1)} 8V72`);
    },
    toggleSound() { this.soundOn = String(this.soundOn !== "true"); },
  }));
});
