// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, within } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import type { CallPage, CallShown, CallState, HouseholderPage, Suspect } from "@/types/pages";
import { Known, spokenCall } from "./Known";
import { LeftPages } from "./LeftPages";
import { Suspects } from "./Suspects";

afterEach(cleanup);

const told: CallShown = {
  kind: "trips",
  at: "c8",
  place: "Breaker 8 Wash and bath",
  when: "with_load",
  running: ["iron"],
  runningNames: ["steam iron"],
  words: "Goes off on ironing day",
  startedAt: "2026-03-02T09:00:00Z",
  who: "Ada",
  answers: null,
};

const nothing: CallState = {
  facts: [],
  suspects: [],
  others: 0,
  next: null,
  alternatives: [],
  plan: [],
  settled: false,
  sure: 0,
  closing: null,
  leftover: null,
  misfits: [],
  lost: false,
  corrections: [],
  parts: [],
  cannot: [],
  assumed: null,
  boxes: [],
};

function call(state: Partial<CallState> = {}, more: Partial<CallPage> = {}): CallPage {
  return { call: told, questions: [], earlier: [], gone: false, state: { ...nothing, ...state }, pages: [], ...more };
}

const suspect = (more: Partial<Suspect>): Suspect => ({
  id: "iron",
  name: "The steam iron leaks to ground",
  probability: 0.74,
  often: "6 of 100 calls",
  for: [],
  against: [],
  predicts: null,
  point: "u2",
  same: [],
  looks: null,
  ...more,
});

const left: HouseholderPage = {
  id: "p1",
  kind: "questions",
  url: "http://house.example/for-you/abc",
  asked: { questions: [{ id: "water", ask: "Was it raining?", why: "", answers: ["Yes", "No"] }] },
  answered: null,
  answeredAt: null,
  worth: null,
  taken: false,
  withdrawn: false,
  open: true,
  endsAt: "2026-03-16T09:00:00Z",
  seenAt: null,
  madeAt: "2026-03-02T09:00:00Z",
};

describe("the suspects", () => {
  it("stand with what speaks for and against them, and where each stood before", () => {
    const one = suspect({ for: ["a", "b", "c"], against: ["d"], predicts: "K1-01 trips", same: ["its cord"] });
    render(
      <Suspects
        sheet={call({ suspects: [one], others: 0.26 })}
        before={{ iron: 0.3 }}
        onSelect={vi.fn()}
        onLook={vi.fn()}
      />,
    );
    expect(screen.getByText(/b; c/).textContent).toContain("and 1 before");
    expect(screen.getByText(/K1-01 trips/)).toBeTruthy();
    expect(screen.getByText(/its cord/)).toBeTruthy();
    expect(screen.getByText("All others together: 26 %")).toBeTruthy();
    expect(screen.getByText(/where it stood before/)).toBeTruthy();
  });

  it("lead to their outlet where they have one, and to what they would look like", () => {
    const [onSelect, onLook] = [vi.fn(), vi.fn()];
    const looks = { open: [], opened: [], sees: [], rival: null, at: [] };
    const sheet = call({ suspects: [suspect({ looks }), suspect({ id: "x", name: "Something else", point: null })] });
    render(<Suspects sheet={sheet} before={{}} onSelect={onSelect} onLook={onLook} />);
    fireEvent.click(screen.getByRole("button", { name: "The steam iron leaks to ground" }));
    expect(onSelect).toHaveBeenCalledWith("u2");
    expect(screen.queryByRole("button", { name: "Something else" })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "What it would look like" }));
    expect(onLook).toHaveBeenCalledWith("iron");
  });

  it("give way to the facts that fit nothing, by their numbers", () => {
    const { rerender } = render(
      <Suspects sheet={call({ lost: true, misfits: [0, 2] })} before={{}} onSelect={vi.fn()} onLook={vi.fn()} />,
    );
    expect(screen.getByText(/Nothing I know fits facts 1 and 3 together/)).toBeTruthy();
    rerender(<Suspects sheet={call({ lost: true })} before={{}} onSelect={vi.fn()} onLook={vi.fn()} />);
    expect(screen.getByText(/Something is not on this list/)).toBeTruthy();
  });

  it("say nothing of a house without a call", () => {
    render(<Suspects sheet={call({}, { call: null, state: null })} before={{}} onSelect={vi.fn()} onLook={vi.fn()} />);
    expect(screen.queryAllByRole("listitem")).toHaveLength(0);
  });
});

describe("what is known", () => {
  const facts: CallState["facts"] = [
    { id: "t1", stands: true, done: "Unplug the steam iron", read: "done", at: "2026-03-02T09:10:00Z", who: "Ada" },
    { id: null, stands: false, done: "Tester at U1-02", read: "all dark", at: null, who: null },
  ];

  it("can be withdrawn where it is of the call, and says when it counts no more", () => {
    const onWithdraw = vi.fn();
    render(
      <Known
        sheet={call({ facts })}
        onWithdraw={onWithdraw}
        onCan={vi.fn()}
        onTake={vi.fn()}
        onEnd={vi.fn()}
        onTrace={vi.fn()}
      />,
    );
    fireEvent.click(screen.getByRole("button", { name: "Withdraw fact 1" }));
    expect(onWithdraw).toHaveBeenCalledWith("t1");
    expect(screen.queryByRole("button", { name: "Withdraw fact 2" })).toBeNull();
    expect(screen.getByText(/Counts no more/)).toBeTruthy();
  });

  it("says what is assumed, and what cannot be done until it can", () => {
    const onCan = vi.fn();
    const sheet = call({ assumed: "U1-01, U1-02", cannot: [{ what: "clamp", spoken: "clamp" }] });
    render(
      <Known sheet={sheet} onWithdraw={vi.fn()} onCan={onCan} onTake={vi.fn()} onEnd={vi.fn()} onTrace={vi.fn()} />,
    );
    expect(screen.getByText(/How U1-01, U1-02 is wired is not traced/)).toBeTruthy();
    fireEvent.click(screen.getByRole("button", { name: "It can now" }));
    expect(onCan).toHaveBeenCalledWith("clamp");
  });

  it("speaks of the call in one line", () => {
    expect(spokenCall(told)).toBe("Breaker 8 Wash and bath: it trips, under load, running: steam iron.");
    expect(spokenCall({ ...told, running: [], runningNames: [] })).toMatch(/load\.$/);
  });
});

describe("a page that was left", () => {
  it("waits until something has come back, and can be ended meanwhile", () => {
    const onEnd = vi.fn();
    render(<LeftPages sheet={call({}, { pages: [left] })} onTake={vi.fn()} onEnd={onEnd} />);
    expect(screen.getByText("Nothing has come back yet.")).toBeTruthy();
    expect(screen.getByText(/not looked at yet/)).toBeTruthy();
    expect(screen.queryByRole("button", { name: "Take it into the call" })).toBeNull();
    fireEvent.click(screen.getByRole("button", { name: "Withdraw the page" }));
    expect(onEnd).toHaveBeenCalledWith("p1");
  });

  it("shows the answers beside their questions, and is taken into the call once", () => {
    const onTake = vi.fn();
    const answered = { ...left, answered: { water: "Yes" } };
    const { rerender } = render(<LeftPages sheet={call({}, { pages: [answered] })} onTake={onTake} onEnd={vi.fn()} />);
    const page = within(screen.getByRole("region", { name: "Left with the householder" }));
    expect(page.getByText("Was it raining?").textContent).toContain("Yes");
    fireEvent.click(page.getByRole("button", { name: "Take it into the call" }));
    expect(onTake).toHaveBeenCalledWith("p1");
    const taken = { ...answered, taken: true, open: false };
    rerender(<LeftPages sheet={call({}, { pages: [taken] })} onTake={onTake} onEnd={vi.fn()} />);
    expect(screen.queryByRole("button")).toBeNull();
    expect(screen.getByText("Taken into the call.")).toBeTruthy();
  });

  it("says of a trial what it is worth so far", () => {
    const trial: HouseholderPage = {
      ...left,
      kind: "trial",
      asked: { action: { days: 10 }, rule: [] },
      worth: "3 of 10 days noted, no trip.",
      withdrawn: true,
      open: false,
    };
    render(<LeftPages sheet={call({}, { pages: [trial] })} onTake={vi.fn()} onEnd={vi.fn()} />);
    expect(screen.getByText("Trial over 10 days")).toBeTruthy();
    expect(screen.getByText("3 of 10 days noted, no trip.")).toBeTruthy();
    expect(screen.getByText("Withdrawn: the page is closed.")).toBeTruthy();
  });
});
