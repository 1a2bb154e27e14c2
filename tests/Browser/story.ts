import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { expect, type Locator, type Page } from "@playwright/test";

type Part = Record<string, unknown>;

/** A house of a story, as a house file: what is drawn of it, and nothing else. */
export interface StoryHouse {
  name: string;
  code?: string;
  work?: string;
  areas: Part[];
  circuits: Part[];
  points: Part[];
  cables?: Part[];
  appliances?: Part[];
}

/** K1-04 is point k4 in the room k. */
export function receptacle(code: string, name: string, device: string, more: Part = {}): Part {
  const area = code.charAt(0).toLowerCase();
  return {
    id: `${area}${Number(code.split("-")[1])}`,
    code,
    area,
    name,
    kind: "receptacle",
    device,
    amps: 20,
    ...more,
  };
}

/** One job on the phone, from the customer's words to the proof; what is tapped or typed is counted. */
export class Story {
  private taps = 0;

  private constructor(
    readonly page: Page,
    private readonly title: string,
    private readonly url: string,
    /** The house file it began with. */
    readonly file: string,
  ) {}

  static async open(page: Page, title: string, house: StoryHouse): Promise<Story> {
    const file = join(mkdtempSync(join(tmpdir(), "story-")), "house.json");
    const { code = "nec-2023", work = "replace", cables = [], appliances = [], ...rest } = house;
    const panels = [{ id: "m", name: "Main panel" }];
    const written = { format: "bouclier.house", version: 1, work, code: { edition: code, amendments: [] }, panels };
    writeFileSync(file, JSON.stringify({ ...written, cables, appliances, ...rest }));
    // A step that cannot be taken is a dead end: it is not waited for until the end of the test.
    page.setDefaultTimeout(15_000);
    await page.goto("/houses");
    await page.getByLabel("Or take it from a house file").setInputFiles(file);
    await expect(page.getByRole("heading", { name: "Rooms" })).toBeVisible();
    return new Story(page, title, page.url(), file);
  }

  async tap(what: Locator): Promise<void> {
    this.taps++;
    await what.tap();
  }

  /** A field is a tap, and what is typed in it. */
  async type(where: Locator, text: string): Promise<void> {
    this.taps++;
    await where.fill(text);
  }

  button(name: string | RegExp): Locator {
    return this.page.getByRole("button", { name, exact: typeof name === "string" });
  }

  /** The call as the customer tells it, of one outlet, device or breaker. */
  async call(kind: string, at: RegExp, when: string, words: string): Promise<void> {
    await this.job("Call");
    await this.tap(this.button(kind));
    await this.tap(this.page.getByRole("button", { name: /^Which device, breaker or outlet/ }));
    await this.tap(this.page.getByRole("menuitemradio", { name: at }).first());
    await this.tap(this.button(when));
    await this.type(this.page.getByLabel("In the customer's words"), words);
    await this.tap(this.button("Who is suspected?"));
    await expect(this.page.getByText("First suspects")).toBeVisible();
  }

  async job(job: "Call" | "Survey" | "Trace" | "Trips"): Promise<void> {
    const rail = this.page.getByRole("navigation", { name: "The job" });
    await this.tap(rail.getByRole("button").first());
    const list = this.page.getByRole("dialog", { name: "The job" });
    await this.tap(list.getByRole("button", { name: new RegExp(`^${job}`) }));
  }

  /** An outlet, its box or its instruments: two taps, the address standing in for the way there. */
  async look(code: string, beside: "outlet" | "box" | "measure" = "outlet"): Promise<void> {
    this.taps += beside === "outlet" ? 1 : 2;
    await this.page.goto(`${this.url}/at/${code}${beside === "outlet" ? "" : `/${beside}`}`);
    await expect(this.page.getByText(code).first()).toBeVisible();
  }

  async toRooms(): Promise<void> {
    this.taps++;
    await this.page.goto(this.url);
    await expect(this.page.getByRole("heading", { name: "Rooms" })).toBeVisible();
  }

  /** The survey as it is printed. */
  async toPaper(): Promise<void> {
    this.taps += 2;
    await this.page.goto(`${this.url}/survey`);
  }

  /** Read live, off, and proved dead. */
  async makeSafe(code: string): Promise<void> {
    const safe = this.page.getByRole("region", { name: `Make ${code} safe` });
    const known = safe.getByLabel(/^Volts, A known live point/);
    const live = safe.getByLabel(/^Volts, .*with the breaker on$/).first();
    const off = safe.getByRole("button", { name: /^I turned .* off$/ }).first();
    await expect(live.or(known).or(off).first()).toBeVisible();
    if ((await known.count()) === 0) {
      // A tester that was lit there is as good as a meter.
      if ((await live.count()) > 0) {
        await this.type(live, "121.2");
        await this.tap(safe.getByRole("button", { name: "File it" }).first());
      }
      await this.tap(off);
    }
    await this.prove(code);
  }

  /** The breaker off already: known live, every place, known live again. */
  async prove(code: string): Promise<void> {
    const safe = this.page.getByRole("region", { name: `Make ${code} safe` });
    // Without a ground in the box a lead from outside is held against.
    await this.type(safe.getByLabel(/^Volts, A known live point/), "121.4");
    await this.tap(safe.getByRole("button", { name: "The rest read 0" }));
    await this.type(safe.getByLabel(/^Volts, (The known live point|The same) again/), "121.3");
    await this.tap(safe.getByRole("button", { name: "File these readings" }));
    await expect(this.page.getByText(new RegExp(`^Proved dead at ${code}`))).toBeVisible();
  }

  /** Every breaker it may be on off, and proved against a lead from outside. */
  async proveByReference(code: string): Promise<void> {
    const safe = this.page.getByRole("region", { name: `Make ${code} safe` });
    await this.tap(safe.getByRole("button", { name: "It can not be seen live" }));
    await this.type(safe.getByLabel("Volts, A known live point, hot to the reference lead"), "121.4");
    await this.tap(safe.getByRole("button", { name: "The rest read 0" }));
    await this.type(safe.getByLabel("Volts, The same again, hot to the reference lead"), "121.3");
    await this.tap(safe.getByRole("button", { name: "File these readings" }));
    await expect(this.page.getByText(new RegExp(`^Proved dead at ${code}`))).toBeVisible();
  }

  async countPairs(pairs: number): Promise<void> {
    await this.tap(this.button(pairs === 1 ? "1 pair" : `${pairs} pairs`));
    await expect(this.page.getByRole("region", { name: "Pair a" })).toBeVisible();
  }

  async boxIs(state: string): Promise<void> {
    const button = this.button(state);
    await this.tap(button);
    await expect(button).toHaveAttribute("aria-pressed", "true");
  }

  /** Where the wires of the old device sat, pair by pair, hot and neutral: its LINE at the top. */
  async sat(...lands: ("LINE" | "LOAD")[]): Promise<void> {
    const where = this.page.getByRole("region", { name: "Where each wire sat" });
    await this.tap(where.getByRole("button", { name: "At the top" }));
    for (const [n, land] of lands.entries()) {
      const pair = String.fromCharCode(97 + n);
      for (const [metal, wire] of [
        ["brass", "hot"],
        ["silver", "neu"],
      ] as const) {
        await this.tap(where.getByRole("button", { name: `Old device: ${land}, ${metal}` }));
        await expect(where.getByRole("button", { name: new RegExp(`^${pair} ${wire} ?${land}`) })).toBeVisible();
      }
    }
  }

  /** A breaker on or off, at the panel. */
  async breaker(name: string, on: boolean): Promise<void> {
    await this.tap(this.page.getByRole("button", { name: /^Breakers: / }).first());
    const breakers = this.page.getByRole("dialog", { name: "Breakers" });
    const turn = breakers.getByRole("button", { name: `${name}: I turned it ${on ? "on" : "off"}` });
    await this.tap(turn);
    await expect(turn).toHaveCount(0);
    await this.tap(breakers.getByRole("button", { name: "Close" }));
  }

  /** Whether a pair is the feed, told in some way of the trade. */
  async tell(pair: string, by: string, answer: string): Promise<void> {
    const card = this.page.getByRole("region", { name: `Pair ${pair}` });
    const way = card.getByRole("button", { name: new RegExp(`^How pair ${pair} is told`) });
    if (!(await way.isVisible())) await this.tap(card.getByText(/^(Is it the feed\?|Read it again)$/));
    if ((await way.getAttribute("aria-label")) !== `How pair ${pair} is told: ${by}`) {
      await this.tap(way);
      await this.tap(this.page.getByRole("menuitemradio", { name: by }));
    }
    await this.tap(card.getByRole("button", { name: new RegExp(`^${answer}`) }));
    await expect(card.getByText(/the feed|goes on|likely/).first()).toBeVisible();
  }

  /** No jacket tells: with all pairs apart and capped the power comes on for what is to be read, goes off, and it is proved dead again. */
  async withPower(code: string, breaker: string, read: () => Promise<void>): Promise<void> {
    await this.boxIs("Pairs apart, every conductor capped");
    await this.breaker(breaker, true);
    await read();
    await this.breaker(breaker, false);
    await this.prove(code);
  }

  /** What nobody noted is well, the device goes in, the power comes back. */
  async closeUp(breaker: string): Promise<void> {
    await this.tap(this.button("The rest is well"));
    await this.foldIn(breaker);
  }

  async foldIn(breaker: string): Promise<void> {
    await this.boxIs("Made up and folded in");
    await this.breaker(breaker, true);
  }

  /** What is seen of the cable of a pair. */
  async seen(pair: string, gauge: string): Promise<void> {
    const card = this.page.getByRole("region", { name: `Pair ${pair}` });
    await this.tap(card.getByText("Its cable", { exact: true }));
    const button = card.getByRole("button", { name: gauge, exact: true });
    await this.tap(button);
    await expect(button).toHaveAttribute("aria-pressed", "true");
  }

  async land(pair: string, land: "LINE" | "LOAD" | "SPLICE" | "CAP", says: RegExp): Promise<void> {
    const card = this.page.getByRole("region", { name: `Pair ${pair}` });
    await this.tap(card.getByRole("button", { name: land, exact: true }));
    await expect(card.getByText(says)).toBeVisible();
    await this.tap(card.getByRole("button", { name: /^Land it on / }));
    await expect(card.getByRole("button", { name: /^Land it on / })).toHaveCount(0);
    // It stands there now; what else that says has come, and moves nothing under the thumb any more.
    await expect(card.getByRole("button", { name: land, exact: true })).toHaveAttribute("aria-pressed", "true");
  }

  /** Its own TEST opened it. */
  async opensByTest(): Promise<void> {
    const buttons = this.page.getByRole("region", { name: "Buttons" });
    await this.tap(buttons.getByRole("button", { name: "It opened", exact: true }));
  }

  /** Reads both halves right, trips by both buttons. */
  async proveWorks(code: string): Promise<void> {
    await this.look(code);
    for (const half of ["top", "bottom"]) {
      await this.tap(this.button("Reads correct"));
      await expect(this.page.getByText(`${half}: Reads correct.`)).toBeVisible();
    }
    await this.opensByTest();
    await this.tap(
      this.page.getByRole("region", { name: "Buttons" }).getByRole("button", { name: "It opened itself" }),
    );
  }

  async finds(id: RegExp): Promise<void> {
    await expect(this.page.getByText(id).first()).toBeVisible();
  }

  /** What the house says of an outlet in the end, what is only advice left out. */
  async judges(code: string, says: Partial<Awaited<ReturnType<Story["judged"]>>>): Promise<void> {
    await expect.poll(() => this.judged(code)).toMatchObject(says);
  }

  async found(code: string, id: string): Promise<void> {
    await expect.poll(async () => (await this.judged(code)).findings).toContain(id);
  }

  async findings(code: string): Promise<string[]> {
    return (await this.judged(code)).findings;
  }

  private async judged(code: string): Promise<{ has: string[]; verdict: string; findings: string[] }> {
    const sheet = (await (await this.page.request.get(`${this.url}/sheet`)).json()) as {
      rooms: {
        outlets: {
          code: string;
          gfci: { verdict: string; guards: { spoken: string }[] };
          findings: { id: string; severity: string }[];
        }[];
      }[];
    };
    const outlet = sheet.rooms.flatMap((room) => room.outlets).find((one) => one.code === code);
    return {
      has: outlet?.gfci.guards.map((guard) => guard.spoken) ?? [],
      verdict: outlet?.gfci.verdict ?? "",
      findings:
        outlet?.findings.filter((one) => one.severity !== "advice" && one.id !== "no_feed").map((one) => one.id) ?? [],
    };
  }

  /** A line of quick entry. */
  async enter(line: string): Promise<void> {
    const entry = this.page.getByRole("textbox", { name: "Quick entry" });
    if (!(await entry.isVisible())) await this.tap(this.page.getByRole("button", { name: "Type", exact: true }));
    await this.type(entry, line);
    await entry.press("Enter");
    await expect(entry).toHaveValue("");
  }

  /** The tests of a call are answered by what is hidden: each is a tap or two. */
  counts(taps: number): void {
    this.taps += taps;
  }

  /** Printed with the tests: what the job costs the thumb. */
  told(): void {
    console.log(`${this.title}: ${this.taps} taps`);
  }
}
