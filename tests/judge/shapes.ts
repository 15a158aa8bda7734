/** The judge's own geometry: plain chains of points, so that a mistake of the house's curves is not shared. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

interface Curve {
  readonly start: Spot;
  readonly segments: readonly (
    | { readonly kind: "line"; readonly to: Spot }
    | { readonly kind: "cubic"; readonly control1: Spot; readonly control2: Spot; readonly to: Spot }
    | { readonly kind: "arc"; readonly centre: Spot; readonly sweep: number; readonly to: Spot }
  )[];
}

const STEPS = 40;

function along(a: Spot, b: Spot, share: number): Spot {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}

/** A path as a fine chain; each curve is cut by halving its handles (no polynomial in common with the house). */
export function chainOf(path: Curve): readonly Spot[] {
  const chain: Spot[] = [path.start];
  let from = path.start;
  for (const segment of path.segments) {
    if (segment.kind === "line") chain.push(segment.to);
    else if (segment.kind === "arc")
      for (let step = 1; step <= STEPS * 4; step++)
        chain.push(turned(from, segment.centre, (segment.sweep * step) / (STEPS * 4)));
    else
      for (let step = 1; step <= STEPS; step++) {
        const share = step / STEPS;
        const [a, b, c] = [
          along(from, segment.control1, share),
          along(segment.control1, segment.control2, share),
          along(segment.control2, segment.to, share),
        ];
        chain.push(along(along(a, b, share), along(b, c, share), share));
      }
    from = segment.to;
  }
  return chain;
}

export function gap(a: Spot, b: Spot): number {
  return Math.hypot(a.x - b.x, a.y - b.y);
}

export function chainLength(chain: readonly Spot[]): number {
  return chain.slice(1).reduce((sum, spot, index) => sum + gap(spot, chain[index] as Spot), 0);
}

/** Where a walk of a length along a chain arrives, and which way it goes there. */
export function walkTo(chain: readonly Spot[], length: number): { readonly spot: Spot; readonly way: Spot } {
  let left = length;
  for (let index = 1; index < chain.length; index++) {
    const [a, b] = [chain[index - 1] as Spot, chain[index] as Spot];
    const size = gap(a, b);
    if (size > 1e-12 && (left <= size || index === chain.length - 1)) {
      const way = { x: (b.x - a.x) / size, y: (b.y - a.y) / size };
      return { spot: along(a, b, Math.min(1, left / size)), way };
    }
    left -= size;
  }
  return { spot: chain.at(-1) as Spot, way: { x: 1, y: 0 } };
}

function fromStretch(spot: Spot, a: Spot, b: Spot): number {
  const size = gap(a, b);
  if (size < 1e-12) return gap(spot, a);
  const share = ((spot.x - a.x) * (b.x - a.x) + (spot.y - a.y) * (b.y - a.y)) / size ** 2;
  return gap(spot, along(a, b, Math.min(1, Math.max(0, share))));
}

/** How far a place lies from a chain. */
export function fromChain(spot: Spot, chain: readonly Spot[]): number {
  return chain
    .slice(1)
    .reduce((least, b, index) => Math.min(least, fromStretch(spot, chain[index] as Spot, b)), Number.POSITIVE_INFINITY);
}

/** Across at a level wherever a chain meets it, from the left. */
export function acrossAt(chain: readonly Spot[], level: number): readonly number[] {
  const found: number[] = [];
  for (let index = 1; index < chain.length; index++) {
    const [a, b] = [chain[index - 1] as Spot, chain[index] as Spot];
    if (a.y <= level !== b.y <= level) found.push(a.x + ((b.x - a.x) * (level - a.y)) / (b.y - a.y));
  }
  return found.sort((a, b) => a - b);
}

export function closed(chain: readonly Spot[]): readonly Spot[] {
  const [first] = chain;
  return first === undefined ? chain : [...chain, first];
}

export function turned(spot: Spot, about: Spot, angle: number): Spot {
  const [dx, dy] = [spot.x - about.x, spot.y - about.y];
  return {
    x: about.x + dx * Math.cos(angle) - dy * Math.sin(angle),
    y: about.y + dx * Math.sin(angle) + dy * Math.cos(angle),
  };
}

function side(a: Spot, b: Spot, spot: Spot): number {
  return (b.x - a.x) * (spot.y - a.y) - (b.y - a.y) * (spot.x - a.x);
}

/** Whether a closed chain crosses itself by more than a hair; every pair of stretches is tried. */
export function crossesItself(points: readonly Spot[]): boolean {
  const chain = closed(points.filter((spot, index) => index === 0 || gap(spot, points[index - 1] as Spot) > 1e-5));
  for (let one = 1; one < chain.length; one++) {
    const [a, b] = [chain[one - 1] as Spot, chain[one] as Spot];
    for (let other = one + 2; other < chain.length; other++) {
      const [c, d] = [chain[other - 1] as Spot, chain[other] as Spot];
      if (Math.max(a.x, b.x) < Math.min(c.x, d.x) || Math.max(c.x, d.x) < Math.min(a.x, b.x)) continue;
      if (Math.max(a.y, b.y) < Math.min(c.y, d.y) || Math.max(c.y, d.y) < Math.min(a.y, b.y)) continue;
      const hair = 1e-4;
      const ofA = [side(a, b, c) / gap(a, b), side(a, b, d) / gap(a, b)];
      const ofC = [side(c, d, a) / gap(c, d), side(c, d, b) / gap(c, d)];
      const opposite = (pair: readonly number[]) => Math.min(...pair) < -hair && Math.max(...pair) > hair;
      if (opposite(ofA) && opposite(ofC)) return true;
    }
  }
  return false;
}

/** How far a straight look from a place goes until it meets a closed chain; infinite when it never does. */
export function lookAhead(from: Spot, way: Spot, chain: readonly Spot[]): number {
  const far = { x: from.x + way.x, y: from.y + way.y };
  return chain.slice(1).reduce((least, b, index) => {
    const a = chain[index] as Spot;
    const [sideA, sideB] = [side(from, far, a), side(from, far, b)];
    if (sideA * sideB > 0 || sideA === sideB) return least;
    const met = along(a, b, sideA / (sideA - sideB));
    const ahead = (met.x - from.x) * way.x + (met.y - from.y) * way.y;
    return ahead > -1e-6 ? Math.min(least, ahead) : least;
  }, Number.POSITIVE_INFINITY);
}
