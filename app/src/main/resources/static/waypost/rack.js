/* The rack: one listener for all its signs, since a page holds a hundred of them. */
(() => {
  const signOf = (event) => event.target.closest("#rack a.sign");

  /* The address of a sign's panel: the rack's own with the role in its path. */
  const panelOf = (sign) => {
    const [path, query] = document.getElementById("rack").dataset.rungs.split("?");
    return path + sign.dataset.role + "?" + query;
  };

  const beside = (row, sign, step) => {
    const signs = [...row.querySelectorAll("a.sign")];
    return signs[signs.indexOf(sign) + step];
  };

  const nearest = (row, sign) => {
    const at = sign.getBoundingClientRect().left;
    const signs = row ? [...row.querySelectorAll("a.sign")] : [];
    const far = (other) => Math.abs(other.getBoundingClientRect().left - at);
    return signs.reduce((best, other) => (!best || far(other) < far(best) ? other : best), null);
  };

  const ladder = (row, way) => {
    const other = row[way];
    return other && other.matches(".ladder") ? other : null;
  };

  document.addEventListener("click", (event) => {
    const sign = signOf(event);
    if (sign && event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey) {
      event.preventDefault();
      htmx.ajax("GET", panelOf(sign), { source: sign, target: "#rung", swap: "outerHTML" });
    }
  });

  /* Arrows walk along a ladder, and to the nearest sign of the ladder above or below. */
  document.addEventListener("keydown", (event) => {
    const sign = signOf(event);
    const row = sign && sign.closest(".ladder");
    const next = sign && {
      ArrowLeft: () => beside(row, sign, -1),
      ArrowRight: () => beside(row, sign, 1),
      ArrowUp: () => nearest(ladder(row, "previousElementSibling"), sign),
      ArrowDown: () => nearest(ladder(row, "nextElementSibling"), sign),
    }[event.key];
    if (next) {
      event.preventDefault();
      const other = next();
      if (other) {
        other.focus();
      }
    }
  });

  /* A hand dragged over a dial of the opened rung writes into its form for narrowing; the form alone does the same by keys. */
  const dialOf = (event) => {
    const svg = event.target.closest("#rung .dial svg");
    const form = document.querySelector("#rung .narrow form");
    const what = svg && form && form.elements.what.querySelector(`option[value="MOTION:${svg.dataset.motion}"]`);
    return what ? { svg, form, what } : null;
  };

  const angleAt = (svg, event) => {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM().inverse());
    const angle = Math.atan2(-at.y, -at.x) * 180 / Math.PI;
    return Math.max(0, Math.round(angle < -90 ? angle + 360 : angle));
  };

  const narrow = (dial, event) => {
    const angle = angleAt(dial.svg, event);
    const turned = angle * Math.PI / 180;
    let hand = dial.svg.querySelector(".dial-hand");
    if (!hand) {
      hand = document.createElementNS("http://www.w3.org/2000/svg", "path");
      hand.setAttribute("class", "dial-hand");
      dial.svg.append(hand);
    }
    hand.setAttribute("d", `M0 0L${(-78 * Math.cos(turned)).toFixed(1)} ${(-78 * Math.sin(turned)).toFixed(1)}`);
    dial.what.selected = true;
    dial.form.elements.allow.value = `at most ${angle}`;
    dial.form.closest("details").open = true;
  };

  let turning = null;
  document.addEventListener("pointerdown", (event) => {
    turning = event.button === 0 ? dialOf(event) : null;
    if (turning) {
      event.preventDefault();
      narrow(turning, event);
    }
  });
  document.addEventListener("pointermove", (event) => turning && narrow(turning, event));
  document.addEventListener("pointerup", () => {
    if (turning) {
      turning.form.elements.narrowWhy.focus();
      turning = null;
    }
  });

  /* The opened rung is the current one of its rack. */
  document.addEventListener("htmx:afterSwap", (event) => {
    const opened = document.querySelector("#rung input[name=rung]");
    if (event.detail.target && event.detail.target.id === "rung" && opened) {
      document.querySelectorAll("#rack a.sign").forEach((sign) => {
        if (sign.dataset.role === opened.value) {
          sign.setAttribute("aria-current", "true");
        } else {
          sign.removeAttribute("aria-current");
        }
      });
    }
  });
})();
