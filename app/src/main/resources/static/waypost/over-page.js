document.addEventListener("alpine:init", () => {
  /* Signs in over a page whose session ended, then sends again what was refused. */
  Alpine.data("overPage", () => ({
    name: "",
    password: "",
    problem: "",
    again: null,
    ask(event) {
      this.again = event.detail.source;
      this.$root.showModal();
    },
    async signIn() {
      const token = await (await fetch("/session/token")).text();
      const body = new URLSearchParams({ name: this.name, password: this.password, _csrf: token });
      const answer = await fetch("/sign-in", { method: "POST", body, headers: { "X-Over-Page": "yes" } });
      this.password = "";
      if (answer.status !== 204) {
        this.problem = "That name and password don't belong together. Try again.";
        return;
      }
      const account = document.querySelector("meta[name=waypost-account]");
      if (account && account.content !== answer.headers.get("X-Account")) {
        this.problem = "This page belongs to another account, so nothing was sent. Sign in as its owner.";
        return;
      }
      await this.sendAgain();
    },
    async sendAgain() {
      const fresh = await (await fetch("/session/token")).text();
      document.querySelectorAll("input[name=_csrf]").forEach((field) => { field.value = fresh; });
      this.problem = "";
      this.$root.close();
      const source = this.again;
      if (source && source.matches("form")) {
        source.requestSubmit();
      } else if (source) {
        source.click();
      }
    },
  }));
});

document.addEventListener("htmx:responseError", (event) => {
  if (event.detail.xhr.status === 401) {
    window.dispatchEvent(new CustomEvent("waypost-signed-out", { detail: { source: event.detail.elt } }));
  }
});
