document.addEventListener("alpine:init", () => {
  Alpine.data("keyHelp", () => ({
    open() {
      this.$root.showModal();
    },
  }));
});

/* Keys that work from anywhere but a field. */
document.addEventListener("keydown", (event) => {
  const finder = document.getElementById("finder");
  const found = document.getElementById("found-now");
  if (finder && found && (event.target === finder || found.contains(event.target))) {
    const links = [...found.querySelectorAll("a")];
    const at = links.indexOf(event.target);
    if (event.key === "Escape") {
      found.replaceChildren();
      finder.value = "";
      finder.blur();
    } else if (event.key === "ArrowDown" && links[at + 1]) {
      event.preventDefault();
      links[at + 1].focus();
    } else if (event.key === "ArrowUp" && at >= 0) {
      event.preventDefault();
      (links[at - 1] || finder).focus();
    }
    return;
  }
  if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest("input, select, textarea, dialog")) {
    return;
  }
  if (event.key === "/" && finder) {
    event.preventDefault();
    finder.focus();
  } else if (event.key === "?") {
    event.preventDefault();
    window.dispatchEvent(new CustomEvent("waypost-keys"));
  } else if (event.key === "t") {
    const back = document.querySelector(".viewing a");
    if (back) {
      back.click();
    }
  }
});

/* What was found goes away when somebody turns elsewhere. */
document.addEventListener("focusin", (event) => {
  const found = document.getElementById("found-now");
  if (found && !event.target.closest(".finder")) {
    found.replaceChildren();
  }
});
