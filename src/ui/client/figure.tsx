import type { FigureKind, MeasurementId } from "@/core/body";
import { type FigureTape, figureTapes, level, type Side } from "./figure-tapes";

/** Right half of the body's outline from the crown down, as it is seen; the left one is its mirror. */
const BODY = [
  "M 0 6 C 14 6 21 16 21 30 C 21 44 15 56 9 62 C 8 70 9 76 14 84",
  "C 22 91 36 92 45 97 C 53 101 55 110 55 120 C 56 140 58 158 62 178",
  "C 66 198 69 218 71 236 C 73 246 74 256 72 264 C 70 268 66 267 65 262 C 64 254 62 248 60 240",
  "C 56 220 51 202 48 186 C 44 170 42 154 40 138",
  `C 39 150 37 158 34 ${level.underbust} C 31 184 28 194 28 ${level.waist}`,
  `C 29 222 41 234 42 ${level.hip} C 42 292 36 330 33 ${level.knee} C 33 400 31 430 27 456 C 26 464 30 472 36 478`,
  "C 30 484 18 482 15 476 C 13 452 14 424 12 400 C 10 384 8 376 7 366 C 5 336 3 306 0 284",
].join(" ");

/** Only a woman's card asks where these lie. */
const BUST = "M 8 146 C 14 158 26 160 33 150 M -8 146 C -14 158 -26 160 -33 150";

const LINES: Readonly<Record<Side, string>> = {
  front: "M 0 190 V 196",
  back: "M 0 92 V 226 M 12 110 C 18 118 20 128 18 136 M -12 110 C -18 118 -20 128 -18 136 M 0 226 C -2 240 -2 258 0 268",
};

/** A tape round the body: in front of it whole, behind it broken; a length lies on the body. */
function Tape({ tape }: { readonly tape: FigureTape }) {
  if (tape.kind === "along") {
    return (
      <>
        <path d={tape.path} className="figure-tape-edge" />
        <path d={tape.path} className="figure-tape" />
      </>
    );
  }
  const { level: at, half, middle = 0 } = tape;
  const depth = half * 0.2;
  const front = `M ${middle - half} ${at} A ${half} ${depth} 0 0 0 ${middle + half} ${at}`;
  const behind = `M ${middle - half} ${at} A ${half} ${depth} 0 0 1 ${middle + half} ${at}`;
  return (
    <>
      <path d={behind} className="figure-tape-behind" />
      <path d={front} className="figure-tape-edge" />
      <path d={front} className="figure-tape" />
    </>
  );
}

interface ViewProps {
  readonly side: Side;
  readonly tape: FigureTape | null;
  readonly kind: FigureKind;
}

function View({ side, tape, kind }: ViewProps) {
  return (
    <g transform={`translate(${side === "front" ? 0 : 168} 0)`}>
      <g className="figure-body">
        <path d={BODY} />
        <path d={BODY} transform="scale(-1 1)" />
        {/* The two halves meet without a seam. */}
        <path d="M 0 10 V 280" className="figure-middle" />
      </g>
      <path d={side === "front" && kind === "woman" ? `${BUST} ${LINES.front}` : LINES[side]} className="figure-line" />
      {tape !== null && tape.side === side && <Tape tape={tape} />}
      <text x={0} y={502} textAnchor="middle" fontSize={15} fill="currentColor">
        {side}
      </text>
    </g>
  );
}

interface FigureProps {
  readonly reading: MeasurementId | null;
  readonly said: string;
  readonly kind?: FigureKind;
}

/** Where the tape goes for one reading, on a drawn figure, front and back. */
export function Figure({ reading, said, kind = "woman" }: FigureProps) {
  const tape = reading === null ? null : figureTapes[reading];
  return (
    <svg viewBox="-80 0 328 510" className="h-full w-full" role="img" aria-label={said}>
      <View side="front" tape={tape} kind={kind} />
      <View side="back" tape={tape} kind={kind} />
    </svg>
  );
}
