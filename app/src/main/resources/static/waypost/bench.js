document.addEventListener("alpine:init", () => {
  /* The scale that moves: by an instrument's kilograms, by one leg on a force plate, or by a slider. */
  Alpine.data("movingScale", () => ({
    says: "Listen to the scale, or slide.",
    slide(event) {
      this.show(Number(event.target.value));
    },
    hear(event) {
      const values = event.detail;
      const kilograms = values.mass ?? (values.left === undefined ? undefined : Math.min(values.left, values.right) / 9.80665);
      if (kilograms === undefined) {
        this.says = "No live value. Step down and wait.";
        this.$root.querySelector(".scale-pointer").setAttribute("d", "");
      } else {
        this.show(kilograms);
      }
    },
    show(kilograms) {
      const { most, least, highest } = this.$root.dataset;
      const x = (Math.min(kilograms, Number(most)) / Number(most) * 300).toFixed(1);
      this.$root.querySelector(".scale-pointer").setAttribute("d", `M${x} 2V36`);
      const place = kilograms < Number(least) ? "too little, lean on a little more" : kilograms > Number(highest) ? "too much, take weight off" : "within the band";
      this.says = `${kilograms.toFixed(1)} kg: ${place}`;
    },
  }));
});
