import type { KeyboardEvent, PointerEvent } from "react";
import type { LaidUnit } from "@/core/cloth";
import { crossingsAt } from "@/core/geometry";
import { wordLaid } from "@/core/wording";
import { ClothText } from "@/ui/cloth/cloth-text";
import { type Dragged, unitKey } from "./use-drag";

interface LaidPieceProps {
  readonly laid: LaidUnit;
  readonly isPicked: boolean;
  readonly dragged: Dragged | null;
  readonly onStart: (event: PointerEvent) => void;
  readonly onMove: (event: PointerEvent) => void;
  readonly onDrop: () => void;
  readonly onKey: (event: KeyboardEvent) => void;
}

/** How the piece is cut, in the words of the table. */
function saidCut({ on, layers, copy }: LaidUnit): string {
  if (layers === 4) return "in four";
  if (on === "fold") return layers === 1 ? "once, open" : "once, on the fold";
  if (layers === 2) return "twice, doubled";
  return on === "pair" ? (copy === 1 ? "left" : "right, mirrored") : "once";
}

/** Where a name stands: the middle of the widest stretch of the piece on its middle levels. */
function middleOf({ outline }: LaidUnit) {
  const ys = outline.map(({ y }) => y);
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const levels = [0.5, 0.4, 0.6, 0.3].map((share) => stretchAt(outline, top + (bottom - top) * share));
  const widest = levels.reduce((best, next) => (next.width > best.width * 1.15 ? next : best));
  return { ...widest, height: bottom - top };
}

function stretchAt(outline: LaidUnit["outline"], level: number) {
  const met = crossingsAt(outline, level);
  let best = { x: 0, y: level, width: 0 };
  for (let index = 0; index + 1 < met.length; index += 2) {
    const [left = 0, right = 0] = [met[index], met[index + 1]];
    if (right - left > best.width) best = { x: (left + right) / 2, y: level, width: right - left };
  }
  return best;
}

/** A piece on the cloth: its cutting line, its name, the grain; it can be picked, dragged and moved by the arrows. */
export function LaidPiece({ laid, isPicked, dragged, onStart, onMove, onDrop, onKey }: LaidPieceProps) {
  const middle = middleOf(laid);
  const data = (outline: LaidUnit["outline"]) =>
    `${outline.map(({ x, y }, index) => `${index === 0 ? "M" : "L"} ${x.toFixed(3)} ${y.toFixed(3)}`).join(" ")} Z`;
  const shift = dragged?.key === unitKey(laid) ? `translate(${dragged.across} ${dragged.down})` : undefined;
  const name = wordLaid(laid);
  const size = Math.min(1.9, Math.max(0.5, Math.min((middle.width * 1.7) / name.length, middle.height * 0.28)));
  const upsideDown = Math.abs(Math.abs(laid.turn) - Math.PI) < 0.01;
  const arrow = Math.min(middle.height * 0.2, 6);
  // A short strip has room for its name alone.
  const hasRoom = middle.height > 9;
  const grainTop = middle.y + size * 2.4;
  return (
    <>
      {/* biome-ignore lint/a11y/useSemanticElements: a button cannot be drawn inside a picture */}
      <g
        role="button"
        tabIndex={0}
        aria-pressed={isPicked}
        aria-label={`${name} ${saidCut(laid)}${laid.pinned ? ", pinned" : ""}${upsideDown ? ", head down" : ""}`}
        transform={shift}
        className="cursor-grab touch-none outline-none [&:focus-visible>path:first-child]:stroke-[var(--color-lantern)]"
        onPointerDown={onStart}
        onPointerMove={onMove}
        onPointerUp={onDrop}
        onPointerCancel={onDrop}
        onKeyDown={onKey}
      >
        <path
          d={data(laid.outline)}
          fill={isPicked ? "var(--color-fold-light)" : "var(--color-cloth-deep)"}
          fillOpacity={isPicked ? 0.55 : 0.75}
          stroke={isPicked ? "var(--color-lantern)" : "none"}
          strokeWidth={0.5}
        />
        <path
          d={laid.cuts.map(data).join(" ")}
          fill="none"
          stroke="var(--color-chalk)"
          strokeWidth={0.28}
          strokeDasharray="0.9 0.35"
        />
      </g>
      {/* What is written on it is said by its name already. */}
      <g transform={shift} pointerEvents="none">
        {laid.pinned && (
          <path
            d={`M ${middle.x} ${middle.y - middle.height * 0.3} v 2.2 m -0.9 -2.2 h 1.8`}
            stroke="var(--color-lantern)"
            strokeWidth={0.45}
          />
        )}
        {hasRoom && (
          <path
            d={`M ${middle.x} ${grainTop} v ${arrow} ${upsideDown ? "" : `M ${middle.x} ${grainTop}`} m -0.6 ${upsideDown ? -0.9 : 0.9} l 0.6 ${upsideDown ? 0.9 : -0.9} l 0.6 ${upsideDown ? -0.9 : 0.9}`}
            fill="none"
            stroke="var(--color-guide)"
            strokeWidth={0.18}
          />
        )}
        <ClothText
          aria-hidden="true"
          x={middle.x}
          y={middle.y}
          fontSize={size}
          fontWeight={600}
          textAnchor="middle"
          fill="var(--color-chalk)"
        >
          {name}
        </ClothText>
        {middle.height > 4 && (
          <ClothText
            aria-hidden="true"
            x={middle.x}
            y={middle.y + size * 1.2}
            fontSize={size * 0.7}
            textAnchor="middle"
            fill="var(--color-chalk-soft)"
          >
            {saidCut(laid)}
          </ClothText>
        )}
      </g>
    </>
  );
}
