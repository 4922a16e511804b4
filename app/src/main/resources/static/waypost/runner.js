/* Leads a session. What comes next was worked out beforehand: a table of states, or a list of beats. Here is the clock, the
 * sound and what was tapped; no rule. */
document.addEventListener("alpine:init", () => {
  const ENDED = { ENOUGH: "That was all for today.", FULL: "The day's ground contacts are used up. That was all.", FORM: "Twice running not clean: enough for today." };
  const clock = (seconds) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

  /* One tone, for this page and for the scale's. */
  let audio = null;
  window.waypostTone = (pitch) => {
    audio ||= new AudioContext();
    const tone = audio.createOscillator();
    const loud = audio.createGain();
    tone.frequency.value = pitch;
    loud.gain.value = 0.2;
    tone.connect(loud).connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 0.15);
  };

  Alpine.data("runner", () => ({
    says: "", face: "0:00", after: "", asks: "", goSays: "Begin", part: "", over: false, cannotTick: true, soundOn: "false", voiceOn: "false",
    plan: null, at: 0, counted: 0, set: 1, pain: null, pending: [], running: false, gone: 0, begun: 0, nextBeat: 0, ticking: 0, restEnds: 0, calls: [], role: "", inPlan: "",
    init() {
      const data = this.$root.dataset;
      if (!data.plan) { return; }
      this.plan = JSON.parse(data.plan);
      this.role = data.role;
      this.inPlan = data.planned;
      this.says = this.$root.querySelector(".runner-says").textContent;
      this.after = this.$root.querySelector(".runner-after").textContent;
      this.soundOn = localStorage.getItem("waypost-runner-sound") || "false";
      this.voiceOn = localStorage.getItem("waypost-runner-voice") || "false";
      this.ticking = setInterval(() => this.tick(), 100);
      this.show();
    },
    destroy() { clearInterval(this.ticking); },

    /* The clock: the time that passed, never a count of ticks. */
    elapsed() { return (this.gone + (this.running ? performance.now() - this.begun : 0)) / 1000; },
    tick() {
      if (this.restEnds) {
        const left = (this.restEnds - performance.now()) / 1000;
        this.face = clock(Math.max(0, Math.ceil(left)));
        if (left <= 0) { this.restEnds = 0; this.call("Ready for the next one.", 660); this.show(); }
        return;
      }
      if (!this.running) { return; }
      const seconds = this.elapsed();
      if (this.plan.kind !== "clock") { this.face = clock(seconds); return; }
      while (this.nextBeat < this.plan.beats.length && this.plan.beats[this.nextBeat].second <= seconds) {
        this.beat(this.plan.beats[this.nextBeat++]);
      }
      const next = this.plan.beats.slice(this.nextBeat).find((each) => ["WORK", "EASY", "ROUND_OVER"].includes(each.kind));
      this.face = clock(Math.max(0, Math.ceil((next ? next.second : this.plan.seconds) - seconds)));
    },
    beat(beat) {
      if (beat.kind === "ROUND_OVER") { this.pending.push({ round: beat.round, amount: this.plan.perSet }); this.show(); return; }
      if (beat.kind === "OVER") { this.running = false; this.finish(beat.says); return; }
      if (beat.kind === "CALL") { this.called(beat.says); return; }
      if (beat.kind !== "SOON") { this.part = `part-${beat.kind.toLowerCase()}`; }
      this.call(beat.says, beat.kind === "WORK" ? 880 : 440);
    },
    called(word) {
      this.call(word, 990);
      const button = this.$root.querySelector(".runner-call");
      if (this.plan.tapped) {
        this.calls.push({ word, at: performance.now(), answered: 0 });
        button.textContent = word;
        button.dataset.nth = String(this.plan.beats.findIndex((each) => each.says === word) % 4);
        button.dataset.place = String(this.calls.length * 7 % 4);
        button.hidden = false;
      }
    },
    tap(event) {
      const call = this.calls[this.calls.length - 1];
      call.answered = performance.now() - call.at;
      event.currentTarget.hidden = true;
    },

    /* What leads on: begin, pause, or one more. */
    go() {
      if (this.over) { return; }
      this.awake();
      if (this.plan.kind === "throws") { this.count(); return; }
      if (this.plan.kind === "stages" && !this.running && this.pending.length) { return; }
      this.restEnds = 0;
      if (this.running) {
        this.gone += performance.now() - this.begun;
        this.running = false;
        if (this.plan.kind === "stages") { this.gone = 0; this.pending.push({ round: this.state().done + 1, amount: 1 }); }
      } else {
        this.begun = performance.now();
        this.running = true;
        if (this.plan.kind === "stages") { this.call("Go.", 880); }
      }
      this.show();
    },
    count() {
      if (this.pending.length) { return; }
      this.restEnds = 0;
      this.counted += 1;
      this.call(String(this.counted), 660);
      if (this.counted >= this.plan.perSet) { this.pending.push({ round: this.set, amount: this.counted }); }
      this.show();
    },
    stop() {
      if (this.running) { this.gone += performance.now() - this.begun; this.running = false; }
      const begun = this.plan.kind === "clock" ? this.inRound() : this.plan.kind === "throws" ? this.counted : 0;
      if (begun > 0 && !this.pending.length) { this.pending.push({ round: this.set, amount: begun }); }
      this.finish("Stopped. Write down what was felt: the stop is on the card of the visit.");
    },
    /* How much of the round at hand is done, in what its sets count. */
    inRound() {
      const seconds = this.elapsed();
      const work = [...this.plan.beats].reverse().find((each) => each.kind === "WORK" && each.second <= seconds);
      return work && this.plan.secondsEach ? Math.min(this.plan.perSet, Math.floor((seconds - work.second) / this.plan.secondsEach)) : 0;
    },

    setPain(event) { this.pained(Number(event.currentTarget.dataset.pain)); },
    pained(pain) {
      this.pain = pain;
      this.$root.querySelectorAll("[data-pain]").forEach((each) => each.setAttribute("aria-pressed", String(Number(each.dataset.pain) === pain)));
      this.show();
    },
    clean() { this.done(true); },
    other() { this.done(false); },
    done(clean) {
      if (this.cannotTick) { return; }
      const one = this.pending.shift();
      const pain = this.pain;
      const stage = this.plan.kind === "stages" ? this.plan.stages[this.state().stage] : null;
      this.send(".runner-set", { role: stage ? stage.role : this.role, amount: one.amount, pain, form: clean ? "GOOD" : "COMPENSATED", fault: this.answers() }, stage?.title);
      if (stage && this.inPlan && stage.role !== this.inPlan) { this.send(".runner-swap", { inPlaceOf: this.inPlan, role: stage.role }); this.inPlan = stage.role; }
      this.list(one, pain, clean, stage);
      this.unpain();
      if (this.plan.kind === "stages") { this.at = clean ? this.state().afterClean : this.state().afterOther; }
      if (this.plan.kind === "throws") { this.set += 1; this.counted = 0; }
      if (pain > Number(this.$root.dataset.painMost)) {
        this.running = false;
        this.finish(`Pain ${pain}: over the limit of ${this.$root.dataset.painMost}. Stop here and step back.`);
      } else if (!this.over) {
        this.follow(clean, stage);
      }
      this.show();
    },
    unpain() {
      this.pain = null;
      this.$root.querySelectorAll("[data-pain]").forEach((each) => each.setAttribute("aria-pressed", "false"));
    },
    follow(clean, stage) {
      if (this.plan.kind === "clock") { return; }
      const state = this.state();
      if (stage && state.ended) { this.finish(ENDED[state.ended]); return; }
      if (this.plan.kind === "throws" && this.set > this.plan.sets) { this.finish("That was all for today."); return; }
      this.restEnds = performance.now() + this.plan.restSeconds * 1000;
      if (stage && state.opened) { this.call(`Three clean. ${this.plan.stages[state.stage].title} opens.`, 1200); }
      else if (stage && state.clean >= 3 && stage.shut) { this.call(`Three clean, and it stays: ${stage.shut}`, 660); }
      else { this.call("Rest.", 440); }
    },
    state() { return this.plan.states[this.at] || { done: 0, clean: 0, stage: 0 }; },
    answers() {
      if (!this.calls.length) { return ""; }
      const hit = this.calls.filter((each) => each.answered > 0);
      const mean = hit.reduce((sum, each) => sum + each.answered, 0) / Math.max(1, hit.length) / 1000;
      const said = `tapped ${hit.length} of ${this.calls.length}, ${mean.toFixed(2)} s on average`;
      this.calls = [];
      return said;
    },
    finish(says) {
      this.over = true;
      this.restEnds = 0;
      this.part = "part-over";
      this.$root.querySelector(".runner-call").hidden = true;
      this.call(says, 330);
      this.show();
    },

    /* Kept at once, or in the outbox while there is no connection. */
    send(template, fields, label) {
      const found = this.$root.querySelector(template);
      if (!found) { return; }
      const form = found.content.firstElementChild.cloneNode(true);
      const id = crypto.randomUUID();
      for (const [name, value] of Object.entries({ ...fields, entryId: id })) { form.elements[name].value = String(value); }
      if (form.elements.changeId) { form.elements.changeId.value = id; } else { window.waypostDevice.stamp(form); }
      if (label) { form.dataset.label = label; }
      this.$root.querySelector(".runner-sent").append(form);
      form.addEventListener("htmx:beforeSwap", (event) => this.answered(event));
      htmx.process(form);
      form.requestSubmit();
    },
    /* Nothing of the answer belongs on this page, but what was not taken. */
    answered(event) {
      const { xhr } = event.detail;
      event.detail.shouldSwap = false;
      if (xhr.status >= 400 && xhr.status < 500) {
        const said = new DOMParser().parseFromString(xhr.responseText, "text/html").querySelector(".problem")?.textContent;
        const item = document.createElement("li");
        item.className = "problem";
        item.textContent = `Not kept: ${said || "log it on the card of the visit."}`;
        this.$root.querySelector(".runner-done").prepend(item);
      }
    },
    list(one, pain, clean, stage) {
      const item = document.createElement("li");
      item.textContent = `${stage ? stage.title : `Set ${one.round}`}: ${stage ? "" : `${one.amount}, `}pain ${pain}, ${clean ? "clean" : "not clean"}`;
      item.className = clean ? "" : "runner-not-clean";
      this.$root.querySelector(".runner-done").prepend(item);
    },

    show() {
      const { kind } = this.plan;
      const one = this.pending[0];
      this.cannotTick = !one || this.pain === null;
      this.asks = one ? (this.pain === null ? `${kind === "stages" ? "This run" : `Set ${one.round}`}: tap the pain.` : "Clean, or not?") : "";
      this.$root.querySelector(".runner-end").hidden = !(this.over && !one);
      if (kind === "stages") { this.showStages(); }
      if (kind === "throws") {
        this.after = `Set ${Math.min(this.set, this.plan.sets)} of ${this.plan.sets}`;
        if (!this.restEnds) { this.face = `${this.counted} of ${this.plan.perSet}`; }
        this.goSays = "One thrown";
      }
      if (kind === "clock") { this.goSays = this.running ? "Pause" : this.gone ? "Go on" : "Begin"; }
    },
    showStages() {
      const state = this.state();
      const stage = this.plan.stages[state.stage];
      this.goSays = this.running ? "Over the line" : "Go";
      this.after = `${state.done} of ${this.plan.most} runs done. Now ${stage.title}: ${state.clean} clean running.`;
      if (!this.running && !this.restEnds && !this.over) { this.says = stage.says; this.face = `${state.done + 1} of ${this.plan.most}`; }
      this.$root.querySelector(".runner-way").replaceChildren(...this.plan.stages.map((each, nth) => {
        const item = document.createElement("li");
        item.textContent = each.title;
        item.className = nth < state.stage ? "past" : nth === state.stage ? "here" : "ahead";
        if (nth === state.stage) { item.setAttribute("aria-current", "step"); }
        return item;
      }));
    },

    /* Sound and voice are off until somebody wants them; what they say always stands in words as well. */
    call(says, pitch) {
      this.says = says;
      if (this.soundOn === "true") {
        window.waypostTone(pitch);
      }
      if (this.voiceOn === "true" && "speechSynthesis" in window) {
        speechSynthesis.cancel();
        speechSynthesis.speak(new SpeechSynthesisUtterance(says));
      }
    },
    toggleSound() { this.soundOn = String(this.soundOn !== "true"); localStorage.setItem("waypost-runner-sound", this.soundOn); },
    toggleVoice() { this.voiceOn = String(this.voiceOn !== "true"); localStorage.setItem("waypost-runner-voice", this.voiceOn); },
    async awake() { try { this.lock ||= await navigator.wakeLock?.request("screen"); } catch { /* The screen may go dark: nothing else changes. */ } },
    key(event) {
      const chosen = event.key === " " && event.target.matches("button:focus-visible, a");
      if (!this.plan || chosen || document.querySelector("dialog[open]") || event.ctrlKey || event.metaKey || event.altKey || event.target.matches("input, textarea, select")) { return; }
      const key = event.key.toLowerCase();
      const does = { " ": () => this.go(), c: () => this.clean(), x: () => this.other(), escape: () => this.stop(), m: () => this.toggleSound(), v: () => this.toggleVoice(), t: () => this.pained(10) }[key];
      if (/^\d$/.test(key)) { this.pained(Number(key)); } else if (does && !event.repeat) { event.preventDefault(); does(); }
    },
  }));
});
