/* The day that is shown: stepped, dragged, printed. No rule of the job lives here. */
/* Takes the ladders out that lie below the first screen and gives what puts them back: they follow a frame later. */
function below(main) {
  const ladders = [...main.querySelectorAll("#rack .ladder")].slice(6);
  const rack = main.querySelector("#rack");
  ladders.forEach((ladder) => { ladder.remove(); });
  return () => {
    if (rack) {
      rack.append(...ladders);
    }
  };
}

/* Puts a page's content in the place of this one's, with its address; quicker than a swap that visits every node. */
function showPage(address, text) {
  const handleHadFocus = document.activeElement && document.activeElement.matches(".handle");
  const page = new DOMParser().parseFromString(text, "text/html");
  const main = document.adoptNode(page.getElementById("main"));
  const later = below(main);
  document.getElementById("main").replaceWith(main);
  htmx.process(main);
  history.replaceState({ htmx: true }, "", location.href);
  history.pushState({ htmx: true }, "", address);
  if (handleHadFocus) {
    main.querySelector(".handle").focus({ preventScroll: true });
  }
  document.dispatchEvent(new CustomEvent("waypost-shown"));
  requestAnimationFrame(() => requestAnimationFrame(later));
}

document.addEventListener("alpine:init", () => {
  /* Steps the shown date by a day and shows it. */
  Alpine.data("dateHandle", () => ({
    move(event) {
      const field = this.$refs.date;
      const date = new Date(field.value + "T12:00:00Z");
      date.setUTCDate(date.getUTCDate() + Number(event.currentTarget.dataset.days));
      field.value = date.toISOString().slice(0, 10);
      field.form.requestSubmit();
    },
    show(event) {
      event.currentTarget.form.requestSubmit();
    },
  }));

  /* The handle of the course map: dragged or stepped to any day; signs repaint meanwhile, reasons follow on release. */
  Alpine.data("courseMap", () => ({
    ahead: null,
    held: false,
    day: 0,
    later: 0,
    resting: 0,
    fetched: null,
    init() {
      this.day = Number(this.$root.dataset.day);
      this.place();
    },
    async look() {
      if (!this.ahead && this.$root.dataset.ahead) {
        const answer = await fetch(this.$root.dataset.ahead, { headers: { Accept: "application/json" } });
        this.ahead = answer.ok ? await answer.json() : null;
        this.paint();
      }
    },
    grab(event) {
      this.held = true;
      this.$refs.track.setPointerCapture(event.pointerId);
      this.look();
      this.to(this.under(event));
    },
    drag(event) {
      if (this.held) {
        this.to(this.under(event));
      }
    },
    drop() {
      if (this.held) {
        this.held = false;
        this.show();
      }
    },
    under(event) {
      const box = this.$refs.track.getBoundingClientRect();
      const share = Math.min(1, Math.max(0, (event.clientX - box.left) / box.width));
      return Math.round(Number(this.$root.dataset.first) + share * Number(this.$root.dataset.span));
    },
    step(event) {
      const days = { ArrowLeft: -1, ArrowRight: 1, PageDown: -7, PageUp: 7 }[event.key];
      if (event.key === "Enter") {
        this.show();
      } else if (days) {
        event.preventDefault();
        this.look();
        this.to(this.day + days);
        clearTimeout(this.later);
        this.later = setTimeout(() => this.show(), 900);
      }
    },
    place() {
      const share = (this.day - Number(this.$root.dataset.first)) / Number(this.$root.dataset.span);
      this.$refs.handle.style.left = 100 * share + "%";
    },
    date() {
      const date = new Date(this.$root.dataset.zero + "T12:00:00Z");
      date.setUTCDate(date.getUTCDate() + this.day);
      return date;
    },
    to(day) {
      const first = Number(this.$root.dataset.first);
      const span = Number(this.$root.dataset.span);
      this.day = Math.min(first + span, Math.max(first, day));
      this.place();
      const handle = this.$refs.handle;
      const said = this.date().toLocaleDateString("en-GB", { weekday: "short", day: "numeric", month: "short", timeZone: "UTC" }).replace(",", "");
      this.$refs.said.textContent = said;
      handle.setAttribute("aria-valuenow", this.day);
      handle.setAttribute("aria-valuetext", said + ", day " + this.day);
      this.paint();
      clearTimeout(this.resting);
      this.resting = setTimeout(() => this.page(), 120);
    },
    paint() {
      if (!this.ahead) {
        return;
      }
      let at = 0;
      while (at + 1 < this.ahead.days.length && this.ahead.days[at + 1] <= this.day) {
        at += 1;
      }
      const shapes = { o: "open", l: "open-with-limit", n: "not-yet", b: "barred", h: "on-hold", c: "not-covered" };
      document.querySelectorAll("a.sign[data-role]").forEach((sign) => {
        const shape = shapes[(this.ahead.signs[sign.dataset.role] || "")[at]];
        if (shape && !sign.classList.contains(shape) && !sign.classList.contains("switched-off")) {
          sign.className = "sign " + shape;
          sign.querySelector(".board use").setAttribute("href", "#sign-" + shape);
        }
      });
    },
    /* The page of the day under the handle: fetched as soon as the handle rests, so that it is there when let go. */
    page() {
      const form = document.getElementById("shown");
      const shown = new URLSearchParams(new FormData(form));
      shown.set("on", this.date().toISOString().slice(0, 10));
      const address = new URL(form.action).pathname + "?" + shown;
      if (!this.fetched || this.fetched.address !== address) {
        this.fetched = { address, answer: fetch(address).then((answer) => (answer.ok ? answer.text() : "")) };
      }
      return this.fetched;
    },
    async show() {
      clearTimeout(this.later);
      clearTimeout(this.resting);
      const { address, answer } = this.page();
      const text = await answer.catch(() => "");
      if (text) {
        showPage(address, text);
      } else {
        const field = document.getElementById("on");
        field.value = this.date().toISOString().slice(0, 10);
        field.form.requestSubmit();
      }
    },
    fold(event) {
      const title = event.target.closest(".lane-title");
      if (title) {
        const closed = title.closest(".lane-row").classList.toggle("closed");
        title.setAttribute("aria-expanded", String(!closed));
      }
    },
    /* The table says what the marks say, made when it is opened: most pages are turned without it. */
    tell(event) {
      const body = event.target.querySelector("tbody");
      const rows = [...this.$root.querySelectorAll(".lane-row")].flatMap((row) => (
        [...row.querySelectorAll("svg.mark > title")].map((words) => [row.querySelector(".lane-title").title, words.textContent])
      ));
      body.replaceChildren(...rows.map(([lane, words]) => {
        const row = document.createElement("tr");
        const head = document.createElement("th");
        head.scope = "row";
        head.textContent = lane;
        const cell = document.createElement("td");
        cell.textContent = words;
        row.append(head, cell);
        return row;
      }));
    },
    print() {
      window.print();
    },
  }));
});
