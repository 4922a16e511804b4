/* A field for a date: typed in the clinic's own order, or chosen from the browser's calendar, and beside it the day in
   words, so that nobody takes the month for the day. What is sent is in the order of ISO 8601 always. */
(() => {
  const FIELDS = "input[type=date]";
  const ORDERS = {
    "day-first": { parts: ["day", "month", "year"], between: ".", shown: "d.m.yyyy" },
    "month-first": { parts: ["month", "day", "year"], between: "/", shown: "m/d/yyyy" },
    "year-first": { parts: ["year", "month", "day"], between: "-", shown: "yyyy-mm-dd" },
  };
  const LENGTHS = { day: 2, month: 2, year: 4 };
  const words = new Intl.DateTimeFormat("en-GB", { weekday: "short", day: "numeric", month: "short", year: "numeric", timeZone: "UTC" });

  const order = () => ORDERS[document.getElementById("date-order")?.dataset.order] || ORDERS["day-first"];

  const say = (iso) => {
    if (!iso) {
      return "";
    }
    const part = Object.fromEntries(words.formatToParts(new Date(iso)).map(({ type, value }) => [type, value]));
    return `${part.weekday} ${part.day} ${part.month.slice(0, 3)} ${part.year}`;
  };

  const written = (iso) => {
    if (!iso) {
      return "";
    }
    const [year, month, day] = iso.split("-");
    const figures = order() === ORDERS["year-first"] ? { year, month, day } : { year, month: Number(month), day: Number(day) };
    return order().parts.map((part) => figures[part]).join(order().between);
  };

  /* A year first is taken as that in every order; figures without anything between them in the clinic's own. */
  const split = (text) => {
    const groups = text.split(/\D+/).filter(Boolean);
    if (groups.length === 1 && /^\d{8}$/.test(groups[0])) {
      let from = 0;
      return Object.fromEntries(order().parts.map((part) => [part, text.slice(from, from += LENGTHS[part])]));
    }
    const parts = groups[0]?.length === 4 ? ORDERS["year-first"].parts : order().parts;
    return groups.length === 3 ? Object.fromEntries(parts.map((part, place) => [part, groups[place]])) : null;
  };

  /* The day in ISO's order; nothing where there is no such day. */
  const read = (typed) => {
    const text = typed.trim();
    const found = /^[\d\s./-]+$/.test(text) ? split(text) : null;
    if (!found || found.year.length !== 4 || found.month.length > 2 || found.day.length > 2) {
      return "";
    }
    const iso = `${found.year}-${found.month.padStart(2, "0")}-${found.day.padStart(2, "0")}`;
    const day = new Date(`${iso}T00:00:00Z`);
    return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(iso) ? iso : "";
  };

  const complaint = (typed, field) => {
    if (typed.value.trim() && !field.value) {
      return `Found '${typed.value.trim()}', allowed: a day such as ${written("2031-02-28")}.`;
    }
    if (field.validity.rangeUnderflow) {
      return `Found ${say(field.value)}, allowed: from ${say(field.min)} on.`;
    }
    return field.validity.rangeOverflow ? `Found ${say(field.value)}, allowed: up to ${say(field.max)}.` : "";
  };

  const name = (field) => {
    const label = field.labels[0] || field.closest("label");
    return [...(label?.childNodes || [])]
      .filter((node) => !node.classList?.contains("date-field") && !node.classList?.contains("problem"))
      .map((node) => node.textContent.trim()).filter(Boolean).join(" ");
  };

  const mark = (field) => {
    const typed = field.parentElement.querySelector(".typed");
    typed.setAttribute("aria-label", field.dataset.label || name(field));
    if (field.value && read(typed.value) !== field.value) {
      typed.value = written(field.value);
    }
    typed.setCustomValidity(complaint(typed, field));
    const beside = field.parentElement.querySelector(".day-in-words");
    if (beside) {
      beside.textContent = say(field.value);
    }
  };

  const typedInto = (field) => {
    const typed = Object.assign(document.createElement("input"), {
      type: "text", className: "typed", inputMode: "numeric", autocomplete: "off", maxLength: 10,
      placeholder: order().shown, required: field.required, disabled: field.disabled,
    });
    typed.addEventListener("input", (event) => {
      event.stopPropagation();
      field.value = read(typed.value);
      field.dispatchEvent(new Event("input", { bubbles: true }));
    });
    typed.addEventListener("change", (event) => {
      event.stopPropagation();
      typed.value = field.value ? written(field.value) : typed.value;
      field.dispatchEvent(new Event("change", { bubbles: true }));
    });
    if (field.getAttribute("aria-invalid") === "true") {
      typed.setAttribute("aria-invalid", "true");
    }
    return typed;
  };

  const calendar = (field) => {
    const button = Object.assign(document.createElement("button"), { type: "button", className: "pick-date", disabled: field.disabled });
    button.setAttribute("aria-label", "Choose from a calendar");
    button.innerHTML = '<svg aria-hidden="true"><use href="#calendar"/></svg>';
    button.addEventListener("click", (event) => {
      event.preventDefault();
      field.showPicker();
    });
    return button;
  };

  const dress = (field) => {
    const box = Object.assign(document.createElement("span"), { className: "date-field" });
    field.dataset.label = field.id ? document.querySelector(`label[for="${field.id}"]`)?.textContent || "" : "";
    const typed = typedInto(field);
    field.tabIndex = -1;
    field.setAttribute("aria-hidden", "true");
    field.replaceWith(box);
    box.append(typed, calendar(field), field);
    if (!field.hasAttribute("x-ref")) {
      const beside = Object.assign(document.createElement("span"), { className: "day-in-words" });
      beside.setAttribute("aria-live", "polite");
      box.append(beside);
    }
    if (field.id) {
      typed.id = `${field.id}-typed`;
      document.querySelectorAll(`label[for="${field.id}"]`).forEach((label) => { label.htmlFor = typed.id; });
    }
  };

  const dressAll = (within) => within.querySelectorAll(FIELDS).forEach((field) => {
    if (!field.closest(".date-field")) {
      dress(field);
    }
    mark(field);
  });

  ["input", "change"].forEach((kind) => document.addEventListener(kind, (event) => {
    if (event.target.matches?.(FIELDS)) {
      mark(event.target);
    }
  }));
  document.addEventListener("htmx:load", (event) => dressAll(event.detail.elt));
  document.addEventListener("waypost-shown", () => dressAll(document));
  document.addEventListener("reset", (event) => setTimeout(() => {
    event.target.querySelectorAll(".typed").forEach((typed) => { typed.value = ""; });
    dressAll(event.target);
  }));
  dressAll(document);
})();
