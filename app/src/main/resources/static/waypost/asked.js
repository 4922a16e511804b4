document.addEventListener("alpine:init", () => {
  /* Shows a question only while the answers that it hangs on are ticked or left open; what is not shown is not sent. */
  Alpine.data("asked", () => ({
    init() {
      this.look();
    },
    look() {
      for (const question of this.$root.querySelectorAll("fieldset.choices")) {
        const hangsOn = [...question.querySelectorAll(":scope > [data-question]")];
        const asked = hangsOn.every((on) => this.mayBe(on.dataset.question, on.dataset.values.split(" ")));
        question.hidden = !asked;
        question.disabled = !asked;
      }
    },
    mayBe(question, values) {
      const ticked = [...this.$root.querySelectorAll("input:checked")]
        .filter((input) => input.name === "answer." + question && input.value !== "")
        .map((input) => input.value);
      return ticked.length === 0 || ticked.some((value) => values.includes(value));
    },
  }));
});

/* What is ticked while the questions are asked for anew stays ticked in the new ones. */
(() => {
  const ANSWER = "input[name^='answer.']";
  let since = new Map();

  const ticked = (questions, name) => [...questions.querySelectorAll(ANSWER)]
    .filter((input) => input.name === name && input.checked)
    .map((input) => input.value);

  document.addEventListener("htmx:beforeSwap", (event) => {
    const questions = event.detail.target;
    if (questions?.matches?.("fieldset.questions")) {
      const sent = event.detail.requestConfig.formData;
      const names = new Set([...questions.querySelectorAll(ANSWER)].map((input) => input.name));
      since = new Map([...names]
        .map((name) => [name, ticked(questions, name)])
        .filter(([name, values]) => values.join("\n") !== sent.getAll(name).join("\n")));
    }
  });

  document.addEventListener("htmx:afterSwap", () => {
    const questions = document.querySelector("fieldset.questions");
    if (questions && since.size > 0) {
      questions.querySelectorAll(ANSWER).forEach((input) => {
        const values = since.get(input.name);
        if (values) {
          input.checked = values.includes(input.value);
        }
      });
      since = new Map();
    }
  });
})();
