/** The drawing as a file of its own: colours resolved, hatches and faces named, nothing left that only the page knows. */
export function svgOf(drawing: SVGSVGElement, value: (name: string) => string): string {
  const copy = drawing.cloneNode(true) as SVGSVGElement;
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.removeAttribute("class");
  copy.setAttribute("font-family", "Archivo, Arial Narrow, sans-serif");
  const patterns = document.querySelector("#hatch-bare")?.closest("defs")?.cloneNode(true);
  if (patterns) copy.prepend(patterns);
  const sheet = document.createElementNS("http://www.w3.org/2000/svg", "rect");
  for (const [name, said] of [
    ["width", "100%"],
    ["height", "100%"],
    ["fill", "var(--sheet)"],
  ] as const)
    sheet.setAttribute(name, said);
  copy.prepend(sheet);
  return new XMLSerializer()
    .serializeToString(copy)
    .replace(/var\((--[a-z0-9-]+)\)/g, (_, name: string) => value(name));
}

export function saveSvg(drawing: SVGSVGElement, name: string): void {
  const styles = getComputedStyle(document.documentElement);
  const svg = svgOf(drawing, (variable) => styles.getPropertyValue(variable).trim());
  const url = URL.createObjectURL(new Blob([svg], { type: "image/svg+xml" }));
  const link = document.createElement("a");
  link.href = url;
  link.download = `${name.replaceAll(/[^\p{L}\p{N}]+/gu, "-").toLowerCase()}.runs.svg`;
  link.click();
  URL.revokeObjectURL(url);
}
