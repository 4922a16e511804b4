document.addEventListener("alpine:init", () => {
  /* A digit rates in the row that has the focus, 1 and 0 make 10; which button stands out hangs on what is ticked. */
  Alpine.data("checkIn", () => ({
    noneTicked: true,
    lastKey: "",
    init() {
      this.look();
    },
    look() {
      this.noneTicked = !this.$root.querySelector("input[name=flag]:checked");
    },
    get tickedClass() {
      return this.noneTicked ? "" : "primary";
    },
    typed(event) {
      const row = event.target.closest("fieldset.rating");
      if (!row || !/^[0-9]$/.test(event.key)) {
        this.lastKey = "";
        return;
      }
      const value = this.lastKey === "1" && event.key === "0" ? "10" : event.key;
      this.lastKey = event.key;
      const rated = row.querySelector(`input[value="${value}"]`);
      rated.checked = true;
      rated.focus();
      event.preventDefault();
    },
  }));
});
