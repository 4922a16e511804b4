document.addEventListener("alpine:init", () => {
  /* Signs in over a page whose session ended, then sends again what was refused. */
  Alpine.data("overPage", () => ({
    name: "",
    password: "",
    code: "",
    problem: "",
    again: null,
    ask(event) {
      this.again = event.detail.source;
      this.$root.showModal();
    },
    async signIn() {
      const token = await (await fetch("/session/token")).text();
      const body = new URLSearchParams({ name: this.name, password: this.password, code: this.code, _csrf: token });
      const answer = await fetch("/sign-in", { method: "POST", body, headers: { "X-Over-Page": "yes" } });
      this.password = "";
      this.code = "";
      if (answer.status === 429) {
        this.problem = "Found too many tries; nothing was checked. Try again in a few minutes: what you entered waits here.";
        return;
      }
      if (answer.status !== 204) {
        this.problem = answer.status === 401
          ? "That name, password and code don't belong together. Try again."
          : "Signing in isn't possible just now. Try again in a moment: what you entered waits here.";
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
