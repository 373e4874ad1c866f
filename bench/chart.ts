interface Line {
  name: string;
  about: string;
  points: { x: number; y: number }[];
}

const WIDTH = 300;
const HEIGHT = 180;
const GAP = 40;
const LEFT = 50;
const TOP = 70;

/** Small charts side by side, one a line, with their numbers beside the points, as SVG. Times are milliseconds. */
export function growthChart(title: string, lines: readonly Line[]): string {
  const most = Math.max(...lines.flatMap((l) => l.points.map((p) => p.y)), 0.001);
  const scale = Math.ceil(most * 10) / 10;
  const width = LEFT + lines.length * (WIDTH + GAP);
  const y = (v: number): number => TOP + HEIGHT - (v / scale) * HEIGHT;
  const parts = lines.map((l, i) => {
    const left = LEFT + i * (WIDTH + GAP);
    const end = Math.max(...l.points.map((p) => p.x));
    const x = (v: number): number => left + (v / end) * (WIDTH - 30);
    const path = l.points.map((p, k) => `${k === 0 ? "M" : "L"}${x(p.x).toFixed(1)} ${y(p.y).toFixed(1)}`).join(" ");
    const marks = l.points
      .map(
        (p) =>
          `<circle cx="${x(p.x).toFixed(1)}" cy="${y(p.y).toFixed(1)}" r="3" fill="#34349B"/>` +
          `<text x="${x(p.x).toFixed(1)}" y="${(y(p.y) - 8).toFixed(1)}" text-anchor="middle">${p.y.toFixed(2)}</text>` +
          `<text x="${x(p.x).toFixed(1)}" y="${TOP + HEIGHT + 18}" text-anchor="middle" fill="#5C5F72">${p.x}</text>`,
      )
      .join("");
    return (
      `<text x="${left}" y="${TOP - 22}" font-weight="600">${l.name}</text><text x="${left}" y="${TOP - 7}" fill="#5C5F72">${l.about}</text>` +
      `<line x1="${left}" y1="${TOP + HEIGHT}" x2="${left + WIDTH - 20}" y2="${TOP + HEIGHT}" stroke="#DCD8CC"/>` +
      `<path d="${path}" fill="none" stroke="#34349B" stroke-width="2"/>${marks}`
    );
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${TOP + HEIGHT + 40}" viewBox="0 0 ${width} ${TOP + HEIGHT + 40}" font-family="Hanken Grotesk, sans-serif" font-size="12" fill="#1E2136">
<rect width="100%" height="100%" fill="#FBFAF6"/>
<text x="${LEFT}" y="26" font-size="15" font-weight="600">${title}, in milliseconds</text>
${parts.join("\n")}
</svg>
`;
}
