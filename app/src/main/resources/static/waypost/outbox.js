/* What was typed and did not arrive, whatever kept it from that: kept in the browser for its account, sent once, wiped on
 * sign-out. Only an answer that says it is from Waypost is one: a proxy's page is none, whatever its number. */
(() => {
  const RETRY_MS = 5000;
  const account = () => document.querySelector("meta[name=waypost-account]")?.content || "";
  let sending = false;
  let leaving = false;

  const opened = new Promise((resolve, reject) => {
    const request = indexedDB.open("waypost-outbox", 1);
    request.onupgradeneeded = () => request.result.createObjectStore("entries", { keyPath: "id" });
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
  const inStore = async (mode, work) => {
    const store = (await opened).transaction("entries", mode).objectStore("entries");
    const request = work(store);
    return new Promise((resolve, reject) => {
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error);
    });
  };
  const mine = async () => (await inStore("readonly", (store) => store.getAll())).filter((entry) => entry.account === account());
  const put = (entry) => inStore("readwrite", (store) => store.put(entry));
  const drop = (id) => inStore("readwrite", (store) => store.delete(id));

  const keep = async (form, config) => {
    const fields = [...config.formData.entries()].filter(([name]) => name !== "_csrf");
    const sheet = form.closest("[data-today]");
    if (sheet && !fields.some(([name]) => name === "measuredOn")) {
      fields.push(["measuredOn", sheet.dataset.today]);
    }
    const id = fields.find(([name]) => name === "entryId")?.[1];
    await put({ id, account: account(), path: config.path, fields, label: form.dataset.label || "entry", problem: "", keptAt: Date.now() });
    form.classList.add("is-waiting");
    form.dispatchEvent(new CustomEvent("waypost-kept", { bubbles: true }));
    await show();
  };

  const show = async () => {
    const panel = document.getElementById("outbox");
    if (!panel || !account()) {
      return;
    }
    const entries = await mine();
    panel.hidden = entries.length === 0;
    panel.querySelector(".outbox-count").textContent = entries.length === 1 ? "1 entry is kept here and waits for the connection." : `${entries.length} entries are kept here and wait for the connection.`;
    const list = panel.querySelector("ul");
    list.replaceChildren(...entries.map((entry) => line(entry)));
  };

  const line = (entry) => {
    const item = document.createElement("li");
    const said = entry.fields.filter(([name, value]) => ["said", "trial", "answer", "amount", "why"].includes(name) && value).map(([, value]) => value).join(", ");
    item.append(`${entry.label}: ${said}. ${entry.problem}`);
    if (entry.problem) {
      const discard = document.createElement("button");
      discard.type = "button";
      discard.textContent = "Discard";
      discard.addEventListener("click", async () => { await drop(entry.id); await show(); });
      item.append(" ", discard);
    }
    return item;
  };

  const send = async () => {
    if (sending || !account() || !navigator.onLine) {
      return;
    }
    sending = true;
    try {
      for (const entry of inOrder((await mine()).filter((one) => !one.problem))) {
        await sendOne(entry);
      }
    } catch {
      /* Still no connection: what is kept stays. */
    } finally {
      sending = false;
      await show();
    }
  };

  const inOrder = (entries) => entries.sort((one, other) => (one.keptAt || 0) - (other.keptAt || 0));

  const isOurs = (answer) => answer.headers.get("X-Waypost") !== null;

  const sendOne = async (entry) => {
    const asked = await fetch("/session/token");
    if (!asked.ok || !isOurs(asked)) {
      throw new Error("nobody of ours answered");
    }
    const token = await asked.text();
    const body = new URLSearchParams(entry.fields);
    body.set("_csrf", token);
    const waited = Math.max(0, Math.round((Date.now() - (entry.keptAt || Date.now())) / 1000));
    const headers = { "HX-Request": "true", "X-Waypost-Waited": String(Math.min(waited, 9999999)) };
    const answer = await fetch(entry.path, { method: "POST", body, headers });
    if (!isOurs(answer)) {
      throw new Error("nobody of ours answered");
    }
    if (answer.ok) {
      await drop(entry.id);
      const form = [...document.querySelectorAll("form.is-waiting")].find((one) => one.elements.entryId.value === entry.id);
      const row = form?.closest(".measure-row");
      const card = document.getElementById("card");
      if (row) {
        htmx.swap(row, await answer.text(), { swapStyle: "outerHTML" });
      } else if (card && isShown(card, entry)) {
        htmx.swap(card, await answer.text(), { swapStyle: "outerHTML" });
      }
    } else if (answer.status !== 401 && answer.status < 500) {
      const page = new DOMParser().parseFromString(await answer.text(), "text/html");
      const said = page.querySelector(".problem")?.textContent || "It was not taken.";
      await put({ ...entry, problem: `${said} Type it again on the sheet, or discard it.` });
    }
  };

  /* The card of the exercise that this entry is about, and nobody is in the middle of a set. */
  const isShown = (card, entry) => {
    const form = card.querySelector("form[data-repeat]");
    const about = entry.fields.find(([name]) => name === "role")?.[1];
    return form && form.elements.role.value === about && !form.querySelector("input[name=pain]:checked");
  };

  const formOf = (config) => {
    const form = config?.elt?.closest("form[data-keep]");
    return form && config.verb === "post" && config.path === form.getAttribute("hx-post") ? form : null;
  };

  const kept = (event) => {
    const form = formOf(event.detail.requestConfig);
    if (form) {
      keep(form, event.detail.requestConfig);
    }
  };

  /* A fault of ours, or an answer of somebody between: the form stays as it is and its entry waits. */
  const keptInstead = (event) => {
    const form = formOf(event.detail.requestConfig);
    const xhr = event.detail.xhr;
    if (form && (xhr.status >= 500 || xhr.getResponseHeader("X-Waypost") === null)) {
      event.detail.shouldSwap = false;
      keep(form, event.detail.requestConfig);
    }
  };

  document.addEventListener("htmx:sendError", kept);
  document.addEventListener("htmx:timeout", kept);
  document.addEventListener("htmx:beforeSwap", keptInstead);
  document.addEventListener("htmx:afterSwap", show);
  document.addEventListener("DOMContentLoaded", () => { show(); send(); });
  window.addEventListener("online", send);
  setInterval(async () => { if ((await mine()).length) { send(); } }, RETRY_MS);

  document.addEventListener("submit", async (event) => {
    if (!event.target.matches("form.who") || leaving) {
      return;
    }
    event.preventDefault();
    const left = await mine();
    const panel = document.getElementById("outbox");
    if (left.length && !panel.classList.contains("is-asking")) {
      panel.classList.add("is-asking");
      return;
    }
    await Promise.all(left.map((entry) => drop(entry.id)));
    leaving = true;
    event.target.submit();
  }, true);
})();
