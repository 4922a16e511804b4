/* Beside every field for a date stands the day in words, so that nobody takes the month for the day. */
(() => {
  const FIELDS = "input[type=date]:not([x-ref])";
  const format = new Intl.DateTimeFormat("en-GB", { weekday: "short", day: "numeric", month: "short", year: "numeric", timeZone: "UTC" });
  const say = (iso) => {
    if (!iso) {
      return "";
    }
    const part = Object.fromEntries(format.formatToParts(new Date(iso)).map(({ type, value }) => [type, value]));
    return `${part.weekday} ${part.day} ${part.month.slice(0, 3)} ${part.year}`;
  };
  const mark = (field) => {
    let words = field.nextElementSibling;
    if (!words?.classList.contains("day-in-words")) {
      words = Object.assign(document.createElement("span"), { className: "day-in-words" });
      words.setAttribute("aria-live", "polite");
      field.after(words);
    }
    words.textContent = say(field.value);
  };
  const markAll = (within) => within.querySelectorAll(FIELDS).forEach(mark);
  ["input", "change"].forEach((kind) => document.addEventListener(kind, (event) => {
    if (event.target.matches?.(FIELDS)) {
      mark(event.target);
    }
  }));
  document.addEventListener("htmx:load", (event) => markAll(event.detail.elt));
  document.addEventListener("reset", (event) => setTimeout(() => markAll(event.target)));
  markAll(document);
})();
