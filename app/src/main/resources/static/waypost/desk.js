/* Posts are dragged and stepped; what it means then is said by the server, which alone reads the protocol. */

const RAISE_PIXELS = 6;
const REST_BEFORE_KEEPING = 700;

document.addEventListener("alpine:init", () => {
  Alpine.data("desk", () => ({
    held: null,
    later: 0,

    init() {
      const text = this.$refs.text;
      if (text && text.dataset.line) {
        const lines = text.value.split("\n");
        const line = Number(text.dataset.line);
        const begins = lines.slice(0, line - 1).join("\n").length + (line > 1 ? 1 : 0);
        text.setSelectionRange(begins, begins + lines[line - 1].length);
        text.scrollTop = Math.max(0, (text.scrollHeight / lines.length) * (line - 6));
      }
    },

    /* The post under the pointer or with the focus. */
    post(event) {
      return event.target.closest ? event.target.closest(".desk-post") : null;
    },

    grab(event) {
      const hit = this.post(event);
      if (!hit) {
        return;
      }
      const post = this.nearest(hit, event.clientX);
      event.preventDefault();
      post.focus();
      post.setPointerCapture(event.pointerId);
      const track = post.parentElement.getBoundingClientRect();
      this.held = { post, x: event.clientX, y: event.clientY, width: track.width, day: Number(post.dataset.day), raised: 0, moved: false };
    },

    /* Posts that lie closer than a finger is wide: the one whose stem is nearest is meant. */
    nearest(hit, x) {
      const far = (post) => {
        const stem = post.querySelector(".stem").getBoundingClientRect();
        return Math.abs((stem.left + stem.right) / 2 - x);
      };
      return [...hit.parentElement.querySelectorAll(".desk-post")].reduce((near, post) => (far(post) < far(near) ? post : near), hit);
    },

    drag(event) {
      const held = this.held;
      if (!held) {
        return;
      }
      const days = ((event.clientX - held.x) / held.width) * Number(this.$root.dataset.span);
      const from = Number(held.post.dataset.day);
      const weeks = this.$refs.weeks && this.$refs.weeks.checked;
      held.moved = held.moved || Math.abs(event.clientX - held.x) > 3 || Math.abs(event.clientY - held.y) > 3;
      const far = Math.abs(event.clientX - held.x) > 3;
      held.day = !far ? from : weeks ? Math.round((from + days) / 7) * 7 : Math.round(from + days);
      held.raised = held.post.dataset.raisable === "true" ? Math.round((held.y - event.clientY) / RAISE_PIXELS) : 0;
      this.show(held.post, held.day, held.raised);
    },

    drop() {
      const held = this.held;
      this.held = null;
      if (!held) {
        return;
      }
      if (held.moved && (held.day !== Number(held.post.dataset.day) || held.raised !== 0)) {
        this.keep(held.post, held.day, held.raised);
      } else {
        this.choose(held.post);
      }
    },

    cancel() {
      if (this.held) {
        this.show(this.held.post, Number(this.held.post.dataset.day), 0);
        this.held = null;
      }
    },

    /* Where it would lie; kept when let go. */
    show(post, day, raised) {
      const first = Number(this.$root.dataset.first);
      const share = (100 * (day - first)) / Number(this.$root.dataset.span);
      post.setAttribute("x", Math.min(100, Math.max(0, share)) + "%");
      post.setAttribute("aria-valuenow", day);
      this.$refs.said.textContent = post.getAttribute("aria-label") + ": day " + day + (raised ? ", " + (raised > 0 ? "+" : "−") + Math.abs(raised) + " steps" : "");
    },

    step(event) {
      const post = this.post(event);
      if (!post) {
        return;
      }
      const days = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
      const up = { ArrowUp: 1, ArrowDown: -1 }[event.key];
      const along = { Home: -1, End: 1 }[event.key];
      if (along) {
        event.preventDefault();
        const all = [...post.parentElement.querySelectorAll(".desk-post")];
        const next = all[all.indexOf(post) + along];
        if (next) {
          post.setAttribute("tabindex", "-1");
          next.setAttribute("tabindex", "0");
          next.focus();
        }
      } else if (days || (up && post.dataset.raisable === "true")) {
        event.preventDefault();
        this.stepped = this.stepped && this.stepped.post === post ? this.stepped : { post, day: Number(post.dataset.day), raised: 0 };
        this.stepped.day += (days || 0) * (event.shiftKey ? 7 : 1);
        this.stepped.raised += up || 0;
        this.show(post, this.stepped.day, this.stepped.raised);
        clearTimeout(this.later);
        this.later = setTimeout(() => this.keepStepped(), REST_BEFORE_KEEPING);
      } else if (event.key === "Enter") {
        event.preventDefault();
        if (!this.keepStepped()) {
          this.choose(post);
        }
      } else if (event.key === "Escape" && this.stepped) {
        clearTimeout(this.later);
        this.show(post, Number(post.dataset.day), 0);
        this.stepped = null;
      }
    },

    keepStepped() {
      clearTimeout(this.later);
      const stepped = this.stepped;
      this.stepped = null;
      if (!stepped || (stepped.day === Number(stepped.post.dataset.day) && stepped.raised === 0)) {
        return false;
      }
      this.keep(stepped.post, stepped.day, stepped.raised);
      return true;
    },

    keep(post, day, raised) {
      const form = this.$refs.move;
      if (!form) {
        return;
      }
      form.elements.at.value = post.dataset.key;
      form.elements.value.value = day;
      form.elements.raised.value = raised;
      form.requestSubmit();
    },

    choose(post) {
      const address = new URL(location.href);
      address.searchParams.set("at", post.dataset.key);
      this.load(address, {});
    },

    /* Undo and redo by their usual keys, where no text is being typed. */
    turn(event) {
      const typing = event.target.matches && event.target.matches("input, textarea, select");
      if (typing || !(event.ctrlKey || event.metaKey)) {
        return;
      }
      const key = event.key.toLowerCase();
      const forth = key === "y" || (key === "z" && event.shiftKey);
      if (forth || key === "z") {
        event.preventDefault();
        const button = this.$root.querySelector(`[data-turn=${forth ? "forth" : "back"}]`);
        if (button && !button.disabled) {
          button.form.requestSubmit(button);
        }
      }
    },

    send(event) {
      if (event.target.dataset.reads) {
        return;
      }
      event.preventDefault();
      const fields = new URLSearchParams(new FormData(event.target, event.submitter));
      const address = new URL(event.target.action);
      ["at", "file"].filter((name) => fields.get(name)).forEach((name) => address.searchParams.set(name, fields.get(name)));
      fields.set("answered", "at once");
      this.load(address, { method: "POST", body: fields }, event.target.action);
    },

    /* The desk as the server has it now; without a connection all that was typed stays, and can be sent again. */
    async load(address, request, to) {
      let answer;
      try {
        answer = await fetch(to || address, request);
      } catch {
        this.$refs.said.textContent = "No connection: nothing was kept yet. What you typed is still here; send it again.";
        return;
      }
      const page = new DOMParser().parseFromString(await answer.text(), "text/html");
      const desk = page.getElementById("desk");
      if (!desk || !this.$root.isConnected) {
        location.assign(answer.url);
        return;
      }
      this.replaced(document.adoptNode(desk), answer.ok ? address : location.href);
    },

    /* What stands there already is left alone: a lane that is the same is not drawn again. */
    replaced(desk, address) {
      const focused = document.activeElement;
      const key = focused && focused.dataset ? focused.dataset.key : null;
      const root = this.$root;
      const below = desk.querySelector(".desk-below");
      const until = root.querySelector(".desk-below");
      below.replaceWith(document.createComment("below"));
      for (const name of ["data-first", "data-span"]) {
        root.setAttribute(name, desk.getAttribute(name));
      }
      this.around(root, desk, until);
      this.lanes(root.querySelector(".desk-map"), desk.querySelector(".desk-map"));
      history.replaceState(history.state, "", address);
      const again = key && (root.querySelector(`.desk-post[data-key="${CSS.escape(key)}"]`) || root.querySelector(".desk-post.chosen"));
      if (again) {
        again.focus({ preventScroll: true });
      }
      document.dispatchEvent(new CustomEvent("waypost-desk"));
      /* What lies below the map is not waited for. */
      requestAnimationFrame(() => requestAnimationFrame(() => {
        until.replaceWith(below);
        htmx.process(below);
      }));
    },

    /* Everything but the map and what lies below it. */
    around(root, desk, until) {
      const whole = root.querySelector(".desk-map").parentElement;
      const next = desk.querySelector(".desk-map").parentElement;
      [...root.children].filter((child) => child !== whole && child !== until).forEach((child) => child.remove());
      let before = true;
      for (const child of [...desk.children]) {
        if (child === next) {
          before = false;
        } else {
          root.insertBefore(child, before ? whole : until);
        }
      }
      whole.className = next.className;
      whole.querySelectorAll(".desk-text").forEach((text) => text.remove());
      next.querySelectorAll(".desk-text").forEach((text) => whole.append(text));
    },

    lanes(map, next) {
      const here = [...map.querySelectorAll(".desk-lane")];
      const anew = [...next.querySelectorAll(".desk-lane")];
      if (here.length !== anew.length) {
        map.replaceChildren(...next.childNodes);
        return;
      }
      here.forEach((lane, at) => {
        if (lane.outerHTML !== anew[at].outerHTML) {
          lane.replaceWith(anew[at]);
        }
      });
    },
  }));
});
