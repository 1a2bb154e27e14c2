// Reads the QR code of each label of a sheet that pdftoppm has drawn at 200 dots an inch (a binary PPM on standard input), by a reader of
// its own; prints what they say. Labels are an inch high, three in a row, from half an inch below the edge.
import { readFileSync } from "node:fs";
import jsQR from "jsqr";

const DOTS = 200;
const file = readFileSync(0);
const [head, width, height] = /^P6\s+(\d+)\s+(\d+)\s+255\s/.exec(file.subarray(0, 40).toString("latin1"));
const [wide, high] = [Number(width), Number(height)];
const label = (left, top) => {
  const size = [Math.floor(wide / 3), DOTS];
  const pixels = new Uint8ClampedArray(size[0] * size[1] * 4).fill(255);
  for (let y = 0; y < size[1]; y++)
    for (let x = 0; x < size[0]; x++) {
      const from = head.length + ((top + y) * wide + left + x) * 3;
      pixels.set(file.subarray(from, from + 3), (y * size[0] + x) * 4);
    }
  return jsQR(pixels, ...size)?.data ?? null;
};
const found = [];
for (let top = DOTS / 2; top + DOTS <= high; top += DOTS)
  for (let column = 0; column < 3; column++) found.push(label(column * Math.floor(wide / 3), top));
process.stdout.write(JSON.stringify(found.filter((said) => said !== null)));
