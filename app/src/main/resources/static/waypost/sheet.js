document.addEventListener("alpine:init", () => {
  /* The measuring sheet: a cell is kept when it is left; the dial turns with the field in hand and writes into it. */
  Alpine.data("measuringSheet", () => ({
    field: null,
    turning: false,
    /* A cell is kept when the hand leaves it, not when it goes on to the pain or the end feel of the same reading. */
    leave(event) {
      const form = event.target.form;
      const said = form?.matches("[data-keep]") ? form.querySelector(".cell-said") : null;
      const byButton = form?.querySelector("button[type=submit]:not([name])");
      const isReplaced = Boolean(form?.closest("[data-replaced]"));
      if (said && !isReplaced && !byButton && !form.contains(event.relatedTarget) && said.value.trim() && !form.matches(".htmx-request, .is-waiting")) {
        form.requestSubmit();
      }
    },
    holdFocus(event) {
      if (event.target.closest("svg")) {
        event.preventDefault();
      }
    },
    aim(event) {
      this.field = event.target;
      const dial = this.dialOf(event.target.dataset.measure);
      if (dial) {
        this.$root.querySelectorAll(".hand-dial").forEach((other) => other.classList.toggle("shown", other === dial));
        this.point(dial, this.angleIn(event.target));
      }
    },
    follow(event) {
      const dial = this.dialOf(event.target.dataset.measure);
      if (dial) {
        this.point(dial, this.angleIn(event.target));
      }
    },
    grasp(event) {
      const svg = event.currentTarget.querySelector("svg");
      if (svg.contains(event.target)) {
        this.turning = true;
        event.currentTarget.setPointerCapture(event.pointerId);
        this.turnTo(event.currentTarget, this.angleAt(svg, event));
      }
    },
    turn(event) {
      if (this.turning) {
        this.turnTo(event.currentTarget, this.angleAt(event.currentTarget.querySelector("svg"), event));
      }
    },
    letGo() {
      if (this.turning) {
        this.turning = false;
        this.send();
      }
    },
    step(event) {
      const dial = event.currentTarget;
      const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 }[event.key];
      if (by && event.target.matches(".hand-grip")) {
        event.preventDefault();
        this.turnTo(dial, (this.angleIn(this.fieldOf(dial)) || 0) + by * (event.shiftKey ? 5 : 1));
      } else if (event.key === "Enter") {
        this.send();
      }
    },
    send() {
      if (this.field && this.field.value.trim()) {
        this.field.form.requestSubmit();
      }
    },
    dialOf(measure) {
      return measure ? [...this.$root.querySelectorAll(".hand-dial")].find((dial) => dial.dataset.measures.split(" ").includes(measure)) : null;
    },
    fieldOf(dial) {
      const measures = dial.dataset.measures.split(" ");
      if (!this.field || !this.field.isConnected || !measures.includes(this.field.dataset.measure)) {
        const fields = [...this.$root.querySelectorAll("input[data-measure]")].filter((input) => measures.includes(input.dataset.measure));
        this.field = fields.find((input) => !this.isNegative(input)) || fields[0] || null;
      }
      return this.field;
    },
    isNegative(input) {
      return input.dataset.lacks === "yes";
    },
    turnTo(dial, wanted) {
      const field = this.fieldOf(dial);
      if (field) {
        const angle = Math.round(Math.min(Number(dial.dataset.most), Math.max(Number(dial.dataset.least), wanted)));
        field.value = this.isNegative(field) ? (angle > 0 ? "-" + angle : angle < 0 ? "+" + -angle : "0") : String(angle);
        this.point(dial, angle);
      }
    },
    angleIn(field) {
      const said = field ? field.value.trim().replace("−", "-").replace(",", ".") : "";
      if (!/^[+-]?\d+(\.\d)?$/.test(said)) {
        return null;
      }
      return this.isNegative(field) ? 0 - Number(said) : Number(said);
    },
    angleAt(svg, event) {
      const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
      const angle = Math.atan2(-at.y, -at.x) * 180 / Math.PI;
      return angle < -90 ? angle + 360 : angle;
    },
    point(dial, angle) {
      const svg = dial.querySelector("svg");
      let hand = svg.querySelector(".dial-hand");
      if (!hand) {
        hand = document.createElementNS("http://www.w3.org/2000/svg", "path");
        hand.setAttribute("class", "dial-hand");
        svg.append(hand);
      }
      const turned = angle === null ? null : angle * Math.PI / 180;
      hand.setAttribute("d", turned === null ? "" : `M0 0L${(-78 * Math.cos(turned)).toFixed(1)} ${(-78 * Math.sin(turned)).toFixed(1)}`);
      dial.querySelector(".hand-angle").textContent = angle === null ? "–" : `${angle}°`;
      const grip = dial.querySelector(".hand-grip");
      grip.setAttribute("aria-valuenow", angle === null ? 0 : angle);
      grip.setAttribute("aria-valuetext", angle === null ? "nothing typed" : `${angle} degrees`);
      dial.querySelector(".hand-into").textContent = this.field ? this.field.getAttribute("aria-label") : "";
    },
  }));

  /* Fills the next empty trial with the seconds between two presses. */
  Alpine.data("stopwatch", () => ({
    since: 0,
    label: "Start",
    press() {
      if (this.since) {
        const seconds = (performance.now() - this.since) / 1000;
        this.since = 0;
        this.label = "Start";
        const trials = [...this.$root.querySelectorAll("input[name=trial]")];
        const next = trials.find((trial) => !trial.value) || trials[trials.length - 1];
        next.value = seconds.toFixed(2);
        next.dispatchEvent(new Event("input", { bubbles: true }));
      } else {
        this.since = performance.now();
        this.label = "Stop";
      }
    },
  }));

  Alpine.data("counter", () => ({
    more() {
      const field = this.$root.querySelector("input[name=said]");
      field.value = String((Number(field.value) || 0) + 1);
    },
  }));
});

/*
 * A row comes back from the server as a whole while somebody types on. What stands in its other cells goes into the new row
 * with the id that it was begun with, so that nothing is lost and nothing is written twice. The hand is put back before the next
 * key can arrive, in the same task as the row, and a row on its way out keeps nothing: it would keep a value typed by half.
 */
(() => {
  const waiting = new Map();
  const keyOf = (form) => `${form.elements.side?.value}|${form.elements.mode?.value}`;
  const fieldsOf = (form) => [...form.querySelectorAll("input:not([type=hidden]), select, textarea")];
  const keepsItself = (form) => Boolean(form.querySelector(".cell-said")) && !form.querySelector("button[type=submit]:not([name])");
  const isTyped = (form) => fieldsOf(form).some((field) => field.matches(".cell-said, .cell-trial, .cell-short") && field.value.trim());
  const caretOf = (field) => (typeof field.selectionStart === "number" ? [field.selectionStart, field.selectionEnd] : null);

  const remember = (row, posting) => {
    row.dataset.replaced = "yes";
    const forms = [...row.querySelectorAll("form[data-keep]")];
    const inHand = forms.find((form) => form.contains(document.activeElement));
    const typed = forms.filter((form) => form !== posting && isTyped(form)).map((form) => ({
      key: keyOf(form),
      id: form.elements.entryId.value,
      values: fieldsOf(form).map((field) => (field.type === "checkbox" ? field.checked : field.value)),
      leave: form !== inHand && (form.matches(".htmx-request") || keepsItself(form)),
    }));
    const hand = inHand ? {
      at: keyOf(inHand),
      place: fieldsOf(inHand).indexOf(document.activeElement),
      caret: caretOf(document.activeElement),
      onward: inHand === posting,
    } : null;
    waiting.set(row.id, { row, typed, hand });
  };

  const restore = () => {
    waiting.forEach((kept, id) => {
      const row = document.getElementById(id);
      if (row && row !== kept.row) {
        waiting.delete(id);
        kept.typed.forEach((typed) => putBack(row, typed));
        if (kept.hand) {
          putHand(row, kept.hand);
        }
        setTimeout(() => sendLeft(id, kept.typed.filter((typed) => typed.leave)), 0);
      }
    });
  };

  const formOf = (row, key) => [...row.querySelectorAll("form[data-keep]")].find((form) => keyOf(form) === key);

  const putBack = (row, typed) => {
    const form = formOf(row, typed.key);
    if (form) {
      form.elements.entryId.value = typed.id;
      fieldsOf(form).forEach((field, nth) => {
        field[field.type === "checkbox" ? "checked" : "value"] = typed.values[nth];
      });
    }
  };

  const putHand = (row, hand) => {
    const form = formOf(row, hand.at);
    const refused = form?.querySelector("[aria-invalid=true], .cell-confirm");
    const field = form && (hand.onward ? refused || next(form) : fieldsOf(form)[hand.place]);
    /* What lies beside the value is only there to be focused while the cell has the focus. */
    field?.form.querySelector(".cell-said, .cell-trial")?.focus();
    field?.focus();
    if (field && hand.caret && !hand.onward && caretOf(field)) {
      field.setSelectionRange(...hand.caret);
    }
  };

  /* By the row's id: another answer may have replaced it meanwhile. */
  const sendLeft = (id, left) => {
    const row = document.getElementById(id);
    left.forEach((typed) => {
      const again = row ? formOf(row, typed.key) : null;
      if (again && again.elements.entryId.value === typed.id && !again.contains(document.activeElement)) {
        again.requestSubmit();
      }
    });
  };

  const next = (form) => {
    const all = [...document.querySelectorAll(".measuring-rows .cell-said, .measuring-rows .cell-trial")];
    const last = fieldsOf(form).filter((field) => all.includes(field)).pop();
    return all[all.indexOf(last) + 1];
  };

  const before = (event) => {
    const row = event.detail.target;
    if (row?.matches?.(".measure-row")) {
      remember(row, event.detail.requestConfig?.elt);
    }
  };
  document.addEventListener("htmx:beforeSwap", before);
  document.addEventListener("htmx:oobBeforeSwap", before);
  document.addEventListener("htmx:afterSwap", restore);
  document.addEventListener("htmx:oobAfterSwap", restore);
})();
