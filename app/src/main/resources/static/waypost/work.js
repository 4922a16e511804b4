document.addEventListener("alpine:init", () => {
  /* The set at hand: steppers, and Done that waits for the pain to be tapped. */
  Alpine.data("setEntry", () => ({
    waitsForPain: true,
    says: "",
    less(event) {
      this.step(event);
    },
    more(event) {
      this.step(event);
    },
    step(event) {
      const field = event.currentTarget.closest(".stepper").querySelector("input:not([type=hidden])");
      const now = Number(field.value.replace(",", ".")) || 0;
      field.value = String(Math.max(0, Math.round((now + Number(event.currentTarget.dataset.by)) * 100) / 100));
    },
    tapped(event) {
      this.waitsForPain = false;
      const most = Number(this.$root.dataset.painMost);
      this.says = Number(event.target.value) > most ? `Over the rule (at most ${most}). Log it, then step back.` : "";
    },
    stamp() {
      window.waypostDevice.stamp(this.$root);
    },
  }));

  /* One clock for hold, tempo and rest, and a count by direction that fills the amount. */
  Alpine.data("workClock", () => ({
    face: "0:00",
    says: "",
    counted: "",
    ticking: 0,
    there: 0,
    back: 0,
    run(total, said) {
      this.stop();
      const ends = performance.now() + total * 1000;
      this.says = said;
      this.show(total);
      this.ticking = setInterval(() => {
        const left = Math.ceil((ends - performance.now()) / 1000);
        this.show(Math.max(0, left));
        if (left <= 0) {
          this.stop();
          this.says = `${said}: done`;
        }
      }, 200);
    },
    show(seconds) {
      this.face = `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
    },
    hold() {
      this.run(Number(this.$root.dataset.hold), "hold");
    },
    rest() {
      this.run(Number(this.$root.dataset.rest), "rest");
    },
    tempo() {
      this.stop();
      const names = ["lower", "pause", "lift", "pause"];
      const seconds = this.$root.dataset.tempo.split("-").map(Number);
      const round = seconds.reduce((sum, part) => sum + part, 0);
      const begun = performance.now();
      this.ticking = setInterval(() => {
        const gone = (performance.now() - begun) / 1000;
        let at = gone % round;
        const part = seconds.findIndex((length) => { at -= length; return at < 0; });
        this.says = `${names[Math.max(0, part)]}, repetition ${Math.floor(gone / round) + 1}`;
        this.show(Math.ceil(-at));
      }, 200);
    },
    stop() {
      clearInterval(this.ticking);
      this.says = "";
    },
    count() {
      this.there += 1;
      this.fill();
    },
    countBack() {
      this.back += 1;
      this.fill();
    },
    fill() {
      const eachWay = [...this.$root.querySelectorAll("button")].some((button) => button.textContent.includes("other way"));
      const field = document.querySelector("#card .set-entry input[name=amount]");
      this.counted = eachWay ? `${this.there} one way, ${this.back} the other` : `${this.there} counted`;
      if (field) {
        field.value = String(eachWay ? Math.min(this.there, this.back) : this.there);
      }
    },
    destroy() {
      clearInterval(this.ticking);
    },
  }));
});

/* What this device calls itself, and its own count of what it logged: the order holds though entries arrive late. */
(() => {
  const name = () => {
    if (!localStorage.getItem("waypost-device")) {
      localStorage.setItem("waypost-device", crypto.randomUUID());
    }
    return localStorage.getItem("waypost-device");
  };
  const nth = () => {
    const next = Number(localStorage.getItem("waypost-device-nth") || 0) + 1;
    localStorage.setItem("waypost-device-nth", String(next));
    return next;
  };
  window.waypostDevice = {
    stamp(form) {
      form.elements.device.value = name();
      form.elements.deviceNth.value = String(nth());
      form.elements.doneAt.value = new Date().toISOString();
    },
  };

  /* A set that is kept here because the connection is lost: it is shown as waiting, and the next one can be done. */
  document.addEventListener("waypost-kept", (event) => {
    const form = event.target;
    if (!form.matches("[data-repeat]")) {
      return;
    }
    const list = form.closest(".work-do").querySelector(".work-sets");
    const item = document.createElement("li");
    item.className = "set-waits";
    const load = form.elements.load?.value ? ` · ${form.elements.load.value} ${form.querySelector(".stepper:nth-of-type(2) .stepper-label")?.textContent || ""}` : "";
    item.textContent = `${list.children.length + 1} ${form.elements.amount.value} ${form.dataset.counted}${load} pain ${form.elements.pain.value} waits for the connection`;
    list.append(item);
    form.classList.remove("is-waiting");
    form.elements.entryId.value = crypto.randomUUID();
    form.querySelectorAll("input[name=pain]").forEach((pain) => { pain.checked = false; });
    const heading = form.querySelector(".set-nth");
    const of = /of (\d+)/.exec(heading.textContent)?.[1];
    const next = list.children.length + 1;
    heading.textContent = of && next <= Number(of) ? `Set ${next} of ${of}` : "One more set";
    Alpine.$data(form).waitsForPain = true;
  });
})();
