import { useMemo } from "react";
import {
  type CutSheet,
  chalkedBefore,
  joinLights,
  lightsOf,
  noLights,
  type PlacementTape,
  placementTape,
  type SheetLength,
  type SheetStep,
  sheetTick,
  type TableScreen,
} from "@/core/formats";
import { sayTick } from "@/core/wording";
import type { ChalkLook } from "@/ui/cloth/chalk-look";
import { ChalkPiece } from "@/ui/cloth/chalk-piece";
import { FINE_CLOSE, LAYERS } from "@/ui/cloth/cloth-drawing";
import { type ClothFrame, frameGroup, type Group, namePieces, type View } from "@/ui/cloth/cloth-frame";
import { ClothStage } from "@/ui/cloth/cloth-stage";
import { frameStep } from "@/ui/cloth/frame-step";
import { StepTapeOverlay } from "@/ui/cloth/step-tape-overlay";
import { TapeFlags } from "./tape-flags";

interface TableClothProps {
  readonly sheet: CutSheet;
  readonly group: Group;
  readonly screens: readonly TableScreen[];
  readonly index: number;
  /** Which step of the screen is in hand: a cut goes edge by edge. */
  readonly part: number;
  /** Only round what is in hand, larger; else the whole cloth. */
  readonly close: boolean;
  /** Everything that will be chalked, not only what is. */
  readonly whole: boolean;
  /** The length that is measured on the chalk now. */
  readonly measured: SheetLength | null;
}

/** How wide the cloth's window is for its height. */
const WINDOW = 1.12;
/** The least that is seen across, in inches: chalk must not look like rope. */
const LEAST = 15;
const ROOM = 3.2;
/** Inches of cloth seen at which chalk is drawn as on the whole of a bodice; and the most it grows. */
const FINE_AT = 26;
const MOST_FINE = 1.3;

/** The window on the cloth round some places: as near as it may be, and never wider than the cloth itself. */
function frameRound(frame: ClothFrame, places: readonly (readonly [number, number])[]): View {
  const xs = places.map(([x]) => x);
  const ys = places.map(([, y]) => y);
  const wide = Math.max(LEAST, Math.max(...xs) - Math.min(...xs) + 2 * ROOM);
  const high = Math.max(LEAST / WINDOW, Math.max(...ys) - Math.min(...ys) + 2 * ROOM);
  const height = Math.min(frame.view.height, Math.max(high, wide / WINDOW));
  const width = Math.min(Math.max(frame.view.width, height * WINDOW), Math.max(wide, height * WINDOW));
  const across = (Math.min(...xs) + Math.max(...xs)) / 2;
  const down = (Math.min(...ys) + Math.max(...ys)) / 2;
  const within = (value: number, least: number, most: number) =>
    Math.max(least, Math.min(value, Math.max(least, most)));
  return {
    left: within(across - width / 2, frame.view.left, frame.view.left + frame.view.width - width),
    top: within(down - height / 2, frame.view.top, frame.view.top + frame.view.height - height),
    width,
    height,
  };
}

function lookAt({
  sheet,
  screens,
  index,
  part,
  whole,
}: Omit<TableClothProps, "group" | "close" | "measured">): ChalkLook {
  const screen = screens[index];
  if (screen === undefined) return { shown: null, lit: noLights, crossed: new Set(), shears: false };
  const shears = screen.kind === "cut";
  const inHand = shears ? screen.steps.slice(part, part + 1) : screen.steps;
  return {
    shown: whole ? null : chalkedBefore(sheet, screens, index),
    lit: joinLights(inHand.map((step) => lightsOf(sheet, step))),
    crossed: new Set(inHand.flatMap(({ mustNotCut }) => (shears ? mustNotCut : []))),
    shears,
  };
}

/** Where a window on the cloth is wanted: at the tape, at the length that is measured, or at the step in hand. */
function viewNear(
  frame: ClothFrame,
  tape: PlacementTape | null,
  measured: SheetLength | null,
  step: SheetStep | undefined,
): View {
  const inset = frame.pieces.find(({ id }) => id === measured?.piece)?.originInset ?? 0;
  const ends = (measured?.ends ?? []).map(([x, y]) => [x + inset, y] as const);
  const places = tape === null ? ends : [...tape.tapes.flat(), ...tape.flags.map(({ at }) => at)];
  if (places.length > 0) return frameRound(frame, places);
  return step === undefined ? frame.view : frameStep(frame, step);
}

interface MeasuredLengthProps {
  readonly frame: ClothFrame;
  readonly length: SheetLength;
  readonly fine: number;
}

/** The length that is measured on the chalk now: along its edge, or straight between two corners. */
function MeasuredLength({ frame, length, fine }: MeasuredLengthProps) {
  const piece = frame.pieces.find(({ id }) => id === length.piece);
  if (piece === undefined) return null;
  const along = piece.edges.find(({ id }) => id === length.edge)?.path;
  return (
    <g transform={`translate(${piece.originInset} 0)`} pointerEvents="none">
      <path
        data-measured={length.id}
        d={along ?? `M ${length.ends.map(([x, y]) => `${x} ${y}`).join(" L ")}`}
        fill="none"
        stroke="var(--color-lantern)"
        strokeWidth={0.34 * fine}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
      {length.ends.map(([x, y]) => (
        <circle
          key={`${x} ${y}`}
          cx={x}
          cy={y}
          r={0.42 * fine}
          fill="var(--color-cloth-deep)"
          stroke="var(--color-lantern)"
          strokeWidth={0.16 * fine}
        />
      ))}
    </g>
  );
}

/** The cloth at the table: what is chalked so far, what is in hand bright, its tape and a flag at each reading. */
export function TableCloth({ sheet, group, screens, index, part, close, whole, measured }: TableClothProps) {
  const screen = screens[index];
  const look = useMemo(() => lookAt({ sheet, screens, index, part, whole }), [sheet, screens, index, part, whole]);
  const tape = useMemo(
    (): PlacementTape | null =>
      screen?.placement === null || screen === undefined ? null : placementTape(sheet, screen.placement),
    [sheet, screen],
  );
  const frame = frameGroup(sheet, group);
  if (frame === null || screen === undefined) return null;
  const step = screen.steps[Math.min(part, screen.steps.length - 1)];
  const shared = group.layers === 4;
  const stepPiece = frame.pieces.find(({ id }) => id === step?.piece);
  const view = close ? viewNear(frame, tape, measured, step) : frame.view;
  // Chalk and words are as large on the screen however much of the cloth is seen.
  const fine = Math.min(MOST_FINE, Math.max(FINE_CLOSE, view.height / FINE_AT));
  const tick = sheetTick(sheet);
  return (
    <ClothStage
      id={`table-${group.id}`}
      said={`The ${namePieces(frame)} on the ${LAYERS[step?.layers ?? group.layers] ?? "cloth"}, ${whole ? "everything that will be chalked" : "what is chalked so far"}`}
      frame={frame}
      view={view}
      layers={step?.layers ?? group.layers}
      unit={sheet.unit}
    >
      {frame.pieces.map((piece) => (
        <ChalkPiece
          key={piece.id}
          piece={piece}
          right={frame.right}
          look={look}
          onMark={undefined}
          faint={shared && piece !== (stepPiece ?? frame.lead)}
          withLines={shared || piece === frame.lead}
          fine={fine}
          view={view}
        />
      ))}
      {tape !== null && (
        <TapeFlags
          tape={tape}
          fine={fine}
          said={(reading) => sayTick({ ...reading, hair: false }, sheet.unit, tick) + (reading.hair ? "+" : "")}
        />
      )}
      {measured !== null && <MeasuredLength frame={frame} length={measured} fine={fine} />}
      {tape === null && step !== undefined && stepPiece !== undefined && screen.kind === "chalk" && (
        <StepTapeOverlay piece={stepPiece} step={step} unit={sheet.unit} fine={fine} />
      )}
    </ClothStage>
  );
}
