document.addEventListener("alpine:init", () => {
  /* Ten steps on a scale. A step is what lies between two times of nearly nothing; its highest counts. One that the scale
   * fell silent in is no step. */
  Alpine.data("weightTrainer", () => ({
    now: "–", says: "Choose the scale, or type what it says.", share: "", soundOn: "false", over: false,
    least: 0, most: 0, highest: 0, told: [], steps: [], peak: 0, down: false, heard: false,
    init() {
      const data = this.$root.dataset;
      this.least = Number(data.least);
      this.most = Number(data.most);
      this.highest = Number(data.highest);
      this.told = data.told.split(" ");
      this.list();
    },
    hear(event) {
      const { mass, left, right } = event.detail;
      const leg = this.$root.dataset.side === "LEFT" ? left : right;
      const kilograms = mass ?? (leg === undefined ? undefined : leg / 9.80665);
      if (kilograms === undefined) { this.silent(); return; }
      this.heard = true;
      this.step(kilograms);
    },
    silent() {
      if (this.down) { this.says = "The scale fell silent in this step: it does not count. Lift the foot, and again."; }
      else if (this.heard) { this.says = "The scale is silent. Wait, or type what it says."; }
      this.down = false;
      this.peak = 0;
      this.heard = false;
      this.point(undefined);
    },
    step(kilograms) {
      if (this.over) { return; }
      const live = this.told[this.steps.length] === "LIVE";
      const high = Math.max(2, this.least * 0.4);
      if (!this.down && kilograms >= high) { this.down = true; this.peak = 0; }
      if (this.down) {
        if (kilograms > this.most && this.peak <= this.most && live) { this.beep(220); }
        this.peak = Math.max(this.peak, kilograms);
        if (live) { this.says = this.peak > this.most ? "Too much: take weight off." : kilograms < this.least ? "A little more." : "Good: that much."; }
        if (kilograms < high / 2) { this.down = false; this.count(this.peak); }
      }
      this.point(live || !this.down ? kilograms : undefined);
    },
    typed(event) {
      const field = event.target.elements.kg;
      const kilograms = Number(field.value.replace(",", "."));
      if (this.over || field.value.trim() === "" || !(kilograms >= 0 && kilograms <= 400)) { this.says = "Found no weight, allowed: kilograms such as 18.5."; return; }
      field.value = "";
      this.count(kilograms);
    },
    count(kilograms) {
      const told = this.told[this.steps.length];
      this.steps.push(kilograms);
      if (told !== "AT_THE_END") { this.says = this.of(kilograms); this.beep(this.place(kilograms) === "within" ? 880 : 220); }
      else { this.says = `Step ${this.steps.length} is counted. Told at the end.`; }
      if (this.steps.length === this.told.length) { this.finish(); }
      this.list();
    },
    place(kilograms) { return kilograms > this.most ? "over" : kilograms < this.least ? "under" : "within"; },
    of(kilograms) { return `${kilograms.toFixed(1)} kg: ${{ over: "too much", under: "a little less than meant", within: "good" }[this.place(kilograms)]}.`; },
    finish() {
      this.over = true;
      const count = (place) => this.steps.filter((each) => this.place(each) === place).length;
      this.says = `${count("within")} of ${this.steps.length} within. Too much: ${count("over")}. Too little: ${count("under")}.`;
      const form = this.$root.querySelector(".weight-record");
      if (form) { form.elements.said.value = String(count("within")); form.hidden = false; }
    },
    again() {
      this.steps = [];
      this.over = false;
      this.says = "Ten new steps.";
      this.$root.querySelector(".weight-record")?.setAttribute("hidden", "");
      this.list();
    },
    list() {
      this.$root.querySelector(".weight-steps").replaceChildren(...this.told.map((told, nth) => {
        const item = document.createElement("li");
        const step = this.steps[nth];
        const shown = step !== undefined && (this.over || told !== "AT_THE_END");
        item.className = shown ? `weight-${this.place(step)}` : step === undefined ? "" : "weight-counted";
        item.textContent = shown ? `${step.toFixed(1)} ${{ over: "too much", under: "less", within: "good" }[this.place(step)]}` : step === undefined ? String(nth + 1) : "counted";
        return item;
      }));
      const good = this.steps.filter((each) => this.place(each) === "within").length;
      this.share = this.over ? `${Math.round(100 * good / this.steps.length)} % good` : `${this.steps.length} of ${this.told.length} steps`;
    },
    point(kilograms) {
      const y = kilograms === undefined ? 0 : 300 - Math.min(1, kilograms / this.highest) * 300;
      this.$root.querySelector(".weight-pointer").setAttribute("d", kilograms === undefined ? "" : `M-4 ${y.toFixed(1)}H64`);
      this.now = kilograms === undefined ? "–" : `${kilograms.toFixed(1)} kg`;
    },
    beep(pitch) {
      if (this.soundOn !== "true") { return; }
      window.waypostTone(pitch);
    },
    toggleSound() { this.soundOn = String(this.soundOn !== "true"); },
  }));
});
