/* The patient's page: today's exercises one at a time, kept on the telephone and sent once when there is a connection. */
(() => {
  const body = document.body;
  if (!body.dataset.program) {
    document.getElementById("lock")?.addEventListener("click", () => close());
    return;
  }
  const OUTBOX = "waypost-home-outbox";
  const SAID = "waypost-home-said";
  const REFUSED = "waypost-home-refused";
  const AT_ONCE = 50;
  const REST_SECONDS = 30;
  const read = (key) => JSON.parse(localStorage.getItem(key) || "[]");
  const write = (key, value) => localStorage.setItem(key, JSON.stringify(value));
  const told = document.getElementById("told");

  /* The clinic says which day it was when the page came; the telephone's clock alone says how many have passed since. */
  const local = (date) => new Date(date.getTime() - date.getTimezoneOffset() * 60000).toISOString().slice(0, 10);
  const served = body.dataset.today;
  const firstSeen = JSON.parse(localStorage.getItem("waypost-home-first") || "null");
  const anchor = firstSeen && firstSeen.served === served ? firstSeen : { served, at: local(new Date()) };
  localStorage.setItem("waypost-home-first", JSON.stringify(anchor));
  const dayNow = () => {
    const passed = Math.round((Date.parse(local(new Date())) - Date.parse(anchor.at)) / 86400000);
    return new Date(Date.parse(served) + Math.max(0, passed) * 86400000).toISOString().slice(0, 10);
  };
  const today = dayNow();
  /* What is done after midnight and before bed counts for the day that ends with it, though it is done as the new day allows. */
  const countedNow = () => {
    const now = new Date();
    const before = new Date(Date.parse(dayNow()) - 86400000).toISOString().slice(0, 10);
    const late = now.getHours() * 60 + now.getMinutes() < Number(body.dataset.late);
    return late && before >= body.dataset.from ? before : dayNow();
  };
  const counted = countedNow();

  /* What was said. */
  const say = (report) => {
    const entry = { id: crypto.randomUUID(), programId: body.dataset.program, role: "", doneOn: counted, slot: 0, done: false, tooMuch: false, pain: null, flag: "", note: "", ...report };
    write(OUTBOX, [...read(OUTBOX), entry]);
    write(SAID, [...read(SAID).filter((each) => each.programId === entry.programId), entry]);
    told.textContent = body.dataset.kept;
    send();
  };
  const away = (entries) => {
    const gone = new Set(entries.map((each) => each.id));
    write(OUTBOX, read(OUTBOX).filter((each) => !gone.has(each.id)));
  };
  /* Whether more may be sent. One entry that the clinic refuses is set aside, so that it holds up no other. */
  const sent = async (entries) => {
    const answer = await fetch("/home/reports", { method: "POST", headers: { "Content-Type": "application/json" }, body: JSON.stringify(entries) });
    if (answer.ok && answer.headers.get("X-Waypost")) {
      away(entries);
      told.textContent = body.dataset.sent;
    } else if (answer.status === 401) {
      told.textContent = body.dataset.ended;
      return false;
    } else if (answer.status !== 422) {
      return false;
    } else if (entries.length > 1) {
      for (const each of entries) {
        if (!await sent([each])) { return false; }
      }
    } else {
      write(REFUSED, [...read(REFUSED), ...entries]);
      away(entries);
    }
    return true;
  };
  let sending = false;
  const send = async () => {
    if (sending) {
      return;
    }
    sending = true;
    try {
      while (read(OUTBOX).length > 0 && await sent(read(OUTBOX).slice(0, AT_ONCE)));
    } catch {
      /* Kept; it goes when there is a connection. */
    }
    if (read(REFUSED).length > 0) {
      told.textContent = body.dataset.refused;
    }
    sending = false;
  };
  addEventListener("online", send);
  /* A page that lay open is asked for anew: what was closed since then must not stand there. */
  const openedAt = Date.now();
  const STALE_MS = 15 * 60 * 1000;
  /* Past midnight another day's plan holds, with a connection or without; what is being typed or timed is ended first. */
  const busy = () => cards.some((card) => card.ticking || card.querySelector(".note input").value.trim());
  const turn = () => {
    if ((dayNow() !== today || countedNow() !== counted) && !busy()) {
      location.reload();
    }
  };
  document.addEventListener("visibilitychange", () => {
    if (document.visibilityState === "visible" && navigator.onLine && Date.now() - openedAt > STALE_MS) {
      location.reload();
    }
    turn();
  });
  setInterval(() => { send(); turn(); }, 15000);

  /* Exercises of the day. */
  const cards = [...document.querySelectorAll(".exercise")];
  const plan = (card) => JSON.parse(card.dataset.days).find((each) => each.on === today);
  const said = (card) => read(SAID).filter((each) => each.programId === body.dataset.program && each.role === card.dataset.role);
  const due = cards.filter((card) => plan(card)?.due);
  let at = 0;

  const fill = (card) => {
    const day = plan(card);
    const mine = said(card).filter((each) => each.doneOn === counted);
    card.querySelector(".nth").textContent = body.dataset.of.replace("##", String(due.length)).replace("#", String(due.indexOf(card) + 1));
    card.querySelector(".dose strong").textContent = day.dose;
    card.querySelector(".only").replaceChildren(...day.only.map((text) => Object.assign(document.createElement("li"), { textContent: text })));
    card.querySelector(".slots").replaceChildren(...Array.from({ length: day.slots }, (_, nth) => {
      const box = document.createElement("span");
      const report = mine.filter((each) => each.slot === nth).pop();
      box.className = report ? (report.done ? "box done" : "box undone") : "box";
      box.textContent = report ? (report.done ? "✓" : "–") : String(nth + 1);
      return box;
    }));
    const waits = card.dataset.waits === "true" || said(card).some((each) => each.tooMuch);
    card.querySelector(".lots").hidden = !waits;
    card.querySelector(".doing").hidden = waits || open(card) < 0;
  };
  const open = (card) => {
    const mine = new Set(said(card).filter((each) => each.doneOn === counted).map((each) => each.slot));
    return Array.from({ length: plan(card).slots }, (_, nth) => nth).findIndex((nth) => !mine.has(nth));
  };
  const show = () => {
    cards.forEach((card) => { card.hidden = true; });
    document.getElementById("rests").hidden = due.length > 0;
    if (due.length === 0) {
      return;
    }
    at = Math.min(Math.max(at, 0), due.length - 1);
    fill(due[at]);
    due[at].hidden = false;
    due[at].scrollIntoView({ block: "start" });
    due[at].querySelector(".back").disabled = at === 0;
    due[at].querySelector(".next").disabled = at === due.length - 1;
    document.getElementById("all-done").hidden = due.some((card) => open(card) >= 0 && !said(card).some((each) => each.tooMuch));
  };

  const keep = (card, done) => {
    const pain = card.querySelector(".pain input:checked");
    const tooMuch = card.querySelector(".much input").checked;
    const note = card.querySelector(".note input");
    say({ role: card.dataset.role, slot: Math.max(open(card), 0), done, tooMuch, pain: pain ? Number(pain.value) : null, note: note.value.trim() });
    note.value = "";
    if (pain) {
      pain.checked = false;
    }
    show();
  };

  /* A hold and a rest, with a sound at the end of each. */
  const beep = () => {
    const audio = new AudioContext();
    const tone = audio.createOscillator();
    tone.connect(audio.destination);
    tone.start();
    tone.stop(audio.currentTime + 0.25);
  };
  const run = (card) => {
    const button = card.querySelector(".run");
    const shown = card.querySelector(".clock output");
    if (card.ticking) {
      clearInterval(card.ticking);
      card.ticking = null;
      button.textContent = body.dataset.start;
      shown.textContent = card.dataset.seconds;
      return;
    }
    let ends = Date.now() + Number(card.dataset.seconds) * 1000;
    let rests = false;
    button.textContent = body.dataset.halt;
    card.ticking = setInterval(() => {
      const left = Math.ceil((ends - Date.now()) / 1000);
      if (left > 0) {
        shown.textContent = rests ? `${body.dataset.rest} ${left}` : String(left);
        return;
      }
      beep();
      if (rests) {
        run(card);
      } else {
        rests = true;
        ends = Date.now() + REST_SECONDS * 1000;
      }
    }, 200);
  };

  cards.forEach((card) => {
    card.querySelector(".done").addEventListener("click", () => keep(card, true));
    card.querySelector(".undone").addEventListener("click", () => keep(card, false));
    card.querySelector(".back").addEventListener("click", () => { at -= 1; show(); });
    card.querySelector(".next").addEventListener("click", () => { at += 1; show(); });
    card.querySelector(".play").addEventListener("click", () => card.querySelector("figure").classList.toggle("playing"));
    card.querySelector(".run")?.addEventListener("click", () => run(card));
  });

  /* Signs to ring for come first, once a day. */
  const flags = document.getElementById("flags");
  const asked = "waypost-home-asked";
  const begin = () => {
    flags.hidden = true;
    document.getElementById("today").hidden = false;
    show();
  };
  const raised = () => read(SAID).filter((each) => each.flag && each.doneOn === counted);
  document.querySelectorAll("[data-flag]").forEach((button) => {
    const answer = button.parentElement.querySelector("strong");
    if (raised().some((each) => each.flag === button.dataset.flag)) {
      answer.hidden = false;
    }
    button.addEventListener("click", () => {
      answer.hidden = false;
      document.getElementById("none").hidden = true;
      say({ flag: button.dataset.flag });
    });
  });
  document.getElementById("none").addEventListener("click", () => { localStorage.setItem(asked, today); begin(); });
  if (today > body.dataset.until) {
    flags.hidden = true;
    told.textContent = body.dataset.over;
  } else if (raised().length > 0) {
    document.getElementById("none").hidden = true;
  } else if (localStorage.getItem(asked) === today) {
    begin();
  }

  /* Kept for when there is no connection. */
  const assets = () => [...document.querySelectorAll("link[rel=stylesheet],link[rel=icon],link[rel=manifest],script[src]")].map((each) => each.href || each.src);
  if ("serviceWorker" in navigator) {
    navigator.serviceWorker.register("/home/worker.js", { scope: "/home/" })
      .then(() => caches.open("waypost-home"))
      .then((kept) => kept.addAll(navigator.onLine ? ["/home/plan", ...assets()] : []))
      .then(() => { body.dataset.offline = "ready"; })
      .catch(() => {});
  }
  document.getElementById("feed")?.addEventListener("click", async (event) => {
    const answer = await fetch("/home/times", { method: "POST" }).catch(() => null);
    if (!answer?.ok) { return; }
    const link = document.getElementById("feed-link");
    link.href = "webcal://" + location.host + (await answer.json()).path;
    link.hidden = false;
    const says = document.getElementById("feed-says");
    says.textContent = says.dataset.says;
    event.target.hidden = true;
  });
  const close = async () => {
    await fetch("/home/close", { method: "POST" }).catch(() => {});
    await caches?.delete("waypost-home");
    Object.keys(localStorage).filter((key) => key.startsWith("waypost-home")).forEach((key) => localStorage.removeItem(key));
    location.replace("/home");
  };
  document.getElementById("lock").addEventListener("click", close);
  send();
})();
