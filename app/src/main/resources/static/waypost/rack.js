document.addEventListener("alpine:init", () => {
  /* Arrows walk from sign to sign: along a ladder, and to the nearest sign of the ladder above or below. */
  Alpine.data("rackKeys", () => ({
    walk(event) {
      const sign = event.target.closest("a.sign");
      if (!sign || !["ArrowLeft", "ArrowRight", "ArrowUp", "ArrowDown"].includes(event.key)) {
        return;
      }
      event.preventDefault();
      const row = sign.closest(".ladder");
      const along = event.key === "ArrowLeft" || event.key === "ArrowRight";
      const next = along
        ? this.beside(row, sign, event.key === "ArrowRight" ? 1 : -1)
        : this.nearest(event.key === "ArrowDown" ? row.nextElementSibling : row.previousElementSibling, sign);
      if (next) {
        next.focus();
      }
    },
    beside(row, sign, step) {
      const signs = [...row.querySelectorAll("a.sign")];
      return signs[signs.indexOf(sign) + step];
    },
    nearest(row, sign) {
      const at = sign.getBoundingClientRect().left;
      const signs = row ? [...row.querySelectorAll("a.sign")] : [];
      const far = (other) => Math.abs(other.getBoundingClientRect().left - at);
      return signs.reduce((best, other) => (!best || far(other) < far(best) ? other : best), null);
    },
  }));
});

/* The opened rung is the current one of its rack. */
document.addEventListener("htmx:afterSwap", (event) => {
  const opened = document.querySelector("#rung input[name=rung]");
  if (event.detail.target.id === "rung" && opened) {
    document.querySelectorAll("a.sign[data-role]").forEach((sign) => {
      if (sign.dataset.role === opened.value) {
        sign.setAttribute("aria-current", "true");
      } else {
        sign.removeAttribute("aria-current");
      }
    });
  }
});
