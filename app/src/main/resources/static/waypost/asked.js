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
