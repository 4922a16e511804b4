document.addEventListener("alpine:init", () => {
  const STALE_MS = 2000;
  const UNITS = { angle: "°", force: " N", left: " N left", right: " N right", mass: " kg" };

  /* Shows what an instrument says now and takes it into the field in hand. What is older than two seconds is not shown. */
  Alpine.data("instrument", () => ({
    name: "",
    source: null,
    values: {},
    peak: 0,
    heardAt: 0,
    state: "",
    field: null,
    shown: "–",
    says: "",
    blank: true,
    init() {
      setInterval(() => this.show(), 250);
    },
    destroy() {
      this.source?.close();
    },
    choose(event) {
      this.source?.close();
      this.name = event.target.value;
      this.values = {};
      this.peak = 0;
      this.heardAt = 0;
      this.state = "";
      if (this.name) {
        this.source = new EventSource(`/instruments/${this.name}/live`);
        this.source.addEventListener("value", (message) => this.hear(JSON.parse(message.data)));
      }
      this.show();
    },
    hear(value) {
      this.state = value.state;
      this.values = value.values;
      this.heardAt = value.state === "LIVE" ? performance.now() : 0;
      this.peak = Math.max(this.peak, value.values.force || 0);
      window.dispatchEvent(new CustomEvent("waypost-live", { detail: value.state === "LIVE" ? value.values : {} }));
      this.show();
    },
    isLive() {
      return this.heardAt > 0 && performance.now() - this.heardAt <= STALE_MS;
    },
    show() {
      if (!this.$root.isConnected) {
        this.destroy();
        return;
      }
      const live = this.isLive();
      this.blank = !live;
      this.shown = live ? Object.entries(this.values).map(([quantity, value]) => value.toFixed(quantity === "mass" ? 1 : 0) + UNITS[quantity]).join(" · ") : "–";
      const into = this.field && this.field.isConnected ? ` Goes into: ${this.field.getAttribute("aria-label")}.` : " Click into a field first.";
      const peak = this.values.force === undefined ? "" : ` Highest since the last: ${this.peak.toFixed(0)} N.`;
      this.says = !this.name ? "" : live ? `Live.${peak}${into}` : this.state === "SILENT" ? "Connected, and silent for two seconds." : "Not reached; it is tried again.";
    },
    remember(event) {
      if (event.target.matches && event.target.matches(".cell-said, .cell-trial, [data-live]")) {
        this.field = event.target;
      }
    },
    hotkey(event) {
      const inField = event.target.matches?.(".cell-said, .cell-trial, [data-live]");
      if (event.key === "c" && !event.ctrlKey && !event.metaKey && (inField || event.target === document.body) && this.name) {
        event.preventDefault();
        this.take();
      }
    },
    take() {
      if (!this.isLive() || !this.field || !this.field.isConnected) {
        return;
      }
      const value = this.reading();
      if (value === null) {
        this.says = "This instrument does not tell what the field asks for.";
        return;
      }
      this.field.value = value;
      const origin = this.field.form?.elements.source;
      if (origin) {
        origin.value = "INSTRUMENT";
      }
      this.peak = 0;
      this.field.dispatchEvent(new Event("input", { bubbles: true }));
      if (this.field.matches(".cell-said")) {
        this.field.form.requestSubmit();
      } else {
        this.next();
      }
    },
    next() {
      const trials = [...(this.field.form?.querySelectorAll(".cell-trial") || [])];
      trials.find((trial) => !trial.value)?.focus();
    },
    /* An angle is told on the joint's axis; a field that lacks says it with a minus. */
    reading() {
      if (this.values.angle !== undefined) {
        const angle = Math.round(this.values.angle);
        return this.field.dataset.lacks === "yes" ? (angle > 0 ? `-${angle}` : angle < 0 ? `+${-angle}` : "0") : String(angle);
      }
      if (this.values.force !== undefined) {
        return this.peak.toFixed(1);
      }
      if (this.values.mass !== undefined) {
        return this.values.mass.toFixed(1);
      }
      const side = this.field.form?.elements.side?.value;
      const leg = side === "LEFT" ? this.values.left : side === "RIGHT" ? this.values.right : undefined;
      return leg === undefined ? null : leg.toFixed(0);
    },
  }));
});
