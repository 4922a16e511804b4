document.addEventListener("alpine:init", () => {
  /* A visit that is clicked or reached by key shows its brief; arrows go from patient to patient. */
  Alpine.data("visitList", () => ({
    select(event) {
      const row = event.currentTarget;
      if (row.getAttribute("aria-current") === "true") {
        return;
      }
      this.$root.querySelectorAll("tr[aria-current]").forEach((other) => { other.removeAttribute("aria-current"); });
      row.setAttribute("aria-current", "true");
      row.dispatchEvent(new CustomEvent("select-visit"));
    },
    walk(event) {
      const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
      if (step) {
        const names = [...this.$root.querySelectorAll("tbody th a")];
        const next = names[names.indexOf(event.target) + step];
        if (next) {
          event.preventDefault();
          next.focus();
        }
      }
    },
  }));
});
