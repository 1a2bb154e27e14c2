import { describe, expect, it } from "vitest";
import type { Outlet, Room } from "@/types/pages";
import { layOut, MARK_GAP, scaleFor, standingIn } from "./ruler";

const outlet = (id: string, ft?: number, crosses = "none") =>
  ({ id, code: id, distances: ft === undefined ? [] : [{ fixture: "s", ft, crosses }] }) as unknown as Outlet;
const room = (...outlets: Outlet[]) => ({ id: "r", outlets, ghosts: [] }) as unknown as Room;
const xs = (r: Room, width: number) => {
  const layout = layOut(standingIn(r), scaleFor([r], 34, width), width);
  return { ...layout, x: Object.fromEntries(layout.places.map((place) => [place.what.key, place.x])) };
};

describe("a reach ruler", () => {
  it("is long enough for the farthest outlet, never shorter than 8 ft", () => {
    expect(scaleFor([room(outlet("a", 3))], 34, 700).maxFt).toBe(8);
    expect(scaleFor([room(outlet("a", 11.25))], 34, 700).maxFt).toBe(12);
    expect(scaleFor([room(outlet("a", 90))], 34, 700).maxFt).toBe(20);
  });

  it("puts an outlet where a cord would reach it", () => {
    const scale = scaleFor([room(outlet("a", 6))], 34, 700);
    expect(layOut(standingIn(room(outlet("a", 6))), scale, 700).places[0]?.x).toBeCloseTo(34 + 6 * scale.pxPerFt);
  });

  it("stands outlets that nobody measured on a shelf", () => {
    const layout = xs(room(outlet("a"), outlet("b")), 700);
    expect(layout.onRuler).toBe(false);
    expect(layout.x.b).toBeGreaterThan(layout.x.a ?? 0);
    const mixed = xs(room(outlet("a", 2), outlet("b")), 700);
    expect(mixed.onRuler).toBe(true);
    expect(mixed.lanes).toHaveLength(1);
    expect(mixed.lanes[0]?.shelf).toBeLessThan(mixed.x.b ?? 0);
  });

  it("never lets marks overlap, leave the row or change order", () => {
    let seed = 7;
    const random = () => {
      seed = (seed * 1103515245 + 12345) % 2147483648;
      return seed / 2147483648;
    };
    for (let round = 0; round < 300; round++) {
      const width = round % 2 === 0 ? 366 : 640;
      const count = 1 + Math.floor(random() * 24);
      const outlets = Array.from({ length: count }, (_, i) =>
        outlet(`${i}`, random() < 0.2 ? undefined : random() * 14, random() < 0.2 ? "door" : "none"),
      );
      const { places } = xs(room(...outlets), width);
      const onRuler = places.filter((place) => place.ft !== null);
      expect(places).toHaveLength(count);
      for (const place of places) {
        expect(place.x - place.clear).toBeGreaterThan(30);
        expect(place.x).toBeLessThanOrEqual(width);
        const next = places.find((other, i) => other.lane === place.lane && i > places.indexOf(place));
        if (next) expect(next.x - next.clear - place.x).toBeGreaterThanOrEqual(MARK_GAP - 0.01);
      }
      expect(onRuler.map((place) => place.ft)).toEqual(
        onRuler.map((place) => place.ft).sort((a, b) => (a ?? 0) - (b ?? 0)),
      );
    }
  });
});
