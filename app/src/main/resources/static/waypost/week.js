/* The week board: an exercise is moved to another day by hand or by arrow keys. Both fill in and send its own form. */
(() => {
  let moved = null;

  const formOf = (role) => document.querySelector(`.week-rows form[data-role="${CSS.escape(role)}"]`);

  const move = (role, from, to) => {
    const form = formOf(role);
    form.querySelector(`input[value="${from}"][name=weekday]`).checked = false;
    form.querySelector(`input[value="${to}"][name=weekday]`).checked = true;
    moved = { role, to };
    form.requestSubmit(form.querySelector("[data-place]"));
  };

  const openDays = () => [...document.querySelectorAll(".week-day ol[data-open=true]")];

  document.addEventListener("keydown", (event) => {
    const item = event.target.closest(".week-item[data-movable=true]");
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!item || !step) {
      return;
    }
    event.preventDefault();
    const days = openDays();
    const from = item.closest("ol");
    const to = days[days.indexOf(from) + step];
    if (to) {
      move(item.dataset.role, from.dataset.weekday, to.dataset.weekday);
    }
  });

  /* A tap leads to the days of the exercise, where they are ticked. */
  document.addEventListener("click", (event) => {
    const item = event.target.closest(".week-item[data-movable=true] button");
    if (item) {
      formOf(item.closest(".week-item").dataset.role).querySelector("input[name=weekday]").focus();
    }
  });

  const drag = (day) => Sortable.create(day, {
    group: "week",
    sort: false,
    draggable: ".week-item[data-movable=true]",
    forceFallback: true,
    fallbackTolerance: 4,
    delay: 180,
    delayOnTouchOnly: true,
    onMove: (event) => event.to.dataset.open === "true",
    onEnd: (event) => {
      if (event.to !== event.from) {
        move(event.item.dataset.role, event.from.dataset.weekday, event.to.dataset.weekday);
      }
    },
  });

  /* The library for dragging is fetched where a board stands; without it keys and ticks do the same. */
  const begin = async (board) => {
    await import(board.dataset.script);
    board.querySelectorAll("ol").forEach(drag);
  };

  const arrive = () => {
    const day = moved && document.querySelector(`.week-day ol[data-weekday="${moved.to}"]`);
    const item = day && day.querySelector(`[data-role="${CSS.escape(moved.role)}"] button`);
    moved = null;
    if (item) {
      item.focus();
    }
  };

  htmx.onLoad((root) => {
    const board = root.querySelector("#week-board");
    if (board) {
      begin(board);
      arrive();
    }
  });
})();
