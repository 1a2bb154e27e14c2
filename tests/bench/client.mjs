/** What scripts that load or break the served application sign in and ask with. */

export const pause = (ms) => new Promise((done) => setTimeout(done, ms));

/** One signed-in browser, as far as its cookies go. */
export class Client {
  cookies = new Map();

  constructor(url) {
    this.url = url;
  }

  /** Another of the same person: too many sign-ins are slowed down, as they should be. */
  another() {
    const other = new Client(this.url);
    other.cookies = new Map(this.cookies);
    return other;
  }

  async ask(method, path, body) {
    const response = await fetch(this.url + path, {
      method,
      redirect: "manual",
      headers: {
        Accept: "application/json",
        "Content-Type": "application/json",
        Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join("; "),
        "X-XSRF-TOKEN": decodeURIComponent(this.cookies.get("XSRF-TOKEN") ?? ""),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    for (const cookie of response.headers.getSetCookie()) {
      const [name, value] = cookie.split(";")[0].split("=");
      this.cookies.set(name, value);
    }
    return { status: response.status, text: await response.text(), location: response.headers.get("Location") };
  }

  async signIn() {
    await this.ask("GET", "/sign-in");
    await this.ask("POST", "/sign-in", { email: "rosa@demo.example", password: "plover-street-8" });
  }
}
