/* Opens the patient's page: the secret comes behind the # of the link, which no browser sends, and is taken out of sight. */
(() => {
  const form = document.getElementById("door");
  const says = document.getElementById("says");
  const kept = "waypost-home-key";
  /* A link may be touched while this page is open: no page is loaded then. */
  const take = () => {
    if (location.hash.length > 1) {
      sessionStorage.setItem(kept, location.hash.slice(1));
      history.replaceState(null, "", location.pathname);
      says.textContent = "";
    }
  };
  take();
  addEventListener("hashchange", take);
  const secret = () => sessionStorage.getItem(kept) || "";
  const toPlan = () => location.replace("/home/plan");

  if (!secret()) {
    fetch("/home/plan", { redirect: "manual" }).then((answer) => (answer.ok ? toPlan() : (says.textContent = form.dataset.gone)))
      .catch(() => { says.textContent = form.dataset.off; });
  }

  form.addEventListener("submit", async (event) => {
    event.preventDefault();
    const two = (name) => form.elements[name].value.trim().padStart(2, "0");
    const birth = `${form.elements.year.value.trim()}-${two("month")}-${two("day")}`;
    let answer;
    try {
      answer = await fetch("/home/open", { method: "POST", headers: { "Content-Type": "application/json" }, body: JSON.stringify({ secret: secret(), birth }) });
    } catch {
      says.textContent = form.dataset.off;
      return;
    }
    if (answer.status === 204) {
      sessionStorage.removeItem(kept);
      toPlan();
    } else {
      says.textContent = answer.status === 401 ? form.dataset.wrong : answer.status === 429 ? form.dataset.wait : form.dataset.gone;
    }
  });
})();
