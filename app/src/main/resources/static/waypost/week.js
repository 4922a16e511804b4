/* The week board: a mark is drawn to another day of its row, or moved by arrow keys. Both send the row's own form. */
(() => {
  let moved = null;

  const cellOf = (row, weekday) => row.querySelector(`td[data-weekday="${weekday}"]`);

  const move = (from, to) => {
    const row = from.closest("tr");
    const form = row.querySelector("form");
    form.querySelector(`input[name=weekday][value="${from.dataset.weekday}"]`)?.remove();
    if (!form.querySelector(`input[name=weekday][value="${to.dataset.weekday}"]`)) {
      const day = document.createElement("input");
      Object.assign(day, { type: "hidden", name: "weekday", value: to.dataset.weekday });
      form.append(day);
    }
    /* The mark that has the focus would be sent as if it had been pressed. */
    row.querySelectorAll("button[name=turn]").forEach((mark) => mark.removeAttribute("name"));
    moved = { role: row.dataset.role, weekday: to.dataset.weekday };
    form.requestSubmit();
  };

  document.addEventListener("keydown", (event) => {
    const from = event.target.closest(".week-grid td[data-open=true]");
    const step = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
    if (!from || !step || !event.target.matches(".week-mark")) {
      return;
    }
    event.preventDefault();
    const days = [...from.closest("tr").querySelectorAll("td[data-open=true]")];
    const to = days[days.indexOf(from) + step];
    if (to) {
      move(from, to);
    }
  });

  const drag = (cell) => Sortable.create(cell, {
    group: cell.closest("tr").dataset.role,
    sort: false,
    draggable: ".week-mark",
    forceFallback: true,
    fallbackTolerance: 4,
    delay: 180,
    delayOnTouchOnly: true,
    onEnd: (event) => {
      if (event.to !== event.from) {
        move(event.from, event.to);
      }
    },
  });

  /* The library for dragging is fetched where a board stands; without it keys and presses do the same. */
  const begin = async (board) => {
    await import(board.dataset.script);
    board.querySelectorAll("td[data-open=true]").forEach(drag);
  };

  const arrive = (board) => {
    const row = moved && board.querySelector(`tr[data-role="${CSS.escape(moved.role)}"]`);
    const mark = row && cellOf(row, moved.weekday).querySelector("button");
    moved = null;
    mark?.focus();
  };

  htmx.onLoad((root) => {
    const board = root.querySelector("#week-board");
    if (board) {
      begin(board);
      arrive(board);
    }
  });
})();
