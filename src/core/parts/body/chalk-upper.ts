import { armholeMiddle } from "../../blocks";
import { armholeAllowance, armholeTerm, type PieceChalk, ruleLength, settleOnTape, type Term } from "../../chalk";
import { add, at, leftOf, type Path, pathEnd, pathLength, scale, straight } from "../../geometry";
import type { Inches } from "../../length";
import { isBuiltUp, risenShoulder } from "./built-up";
import type { HalfPlan } from "./half-plan";
import type { PanelShape } from "./panel-plan";

/** The pieces of a half: one, or the inner and the outer panel. The side lies on the outer. */
export interface HalfPieces {
  readonly inner: PieceChalk;
  readonly outer: PieceChalk;
  /** The piece with neck and shoulder: the inner one, or a yoke above both. */
  readonly top: PieceChalk;
}

/** Half across shoulder, the take-out given back beside it, and what keeps the sewn shoulder exactly as long. */
function swungTerms({ shoulder, form, panel }: HalfPlan, x: Inches): readonly Term[] {
  const out = panel === null || panel.leans.inner === panel.leans.outer ? 0 : form.shoulderTakeOut;
  const given: Term = {
    code: "shoulder-take-out-given-back",
    kind: "given-back",
    value: out,
    source: "take-out:shoulder",
  };
  const rest = x - shoulder.across.value - out;
  const trued: Term = {
    code: "trued-to-shoulder",
    kind: "trued",
    value: rest,
    source: "seam:shoulder",
  };
  return [...shoulder.across.terms, ...(out > 0 ? [given] : []), trued];
}

/** Half across shoulder on the top line, and the tip dropped from it; swung out where a shoulder panel takes out. */
function chalkTip(piece: PieceChalk, half: HalfPlan, panel: PanelShape | null): void {
  const { shoulder } = half;
  const { given } = piece;
  const seam = armholeTerm(given);
  const tip = panel?.outerShoulder ? panel.tip : shoulder.tip;
  const swung = tip !== shoulder.tip;
  const terms = swung ? swungTerms(half, tip.x) : shoulder.across.terms;
  piece.mark("top", "shoulder", { terms, allowance: [seam], step: 0, why: "armhole-cutting" });
  const cut = add(
    add(tip, scale(shoulder.direction, seam.value)),
    scale(leftOf(shoulder.direction), ruleLength(given, "allowance.shoulder")),
  );
  const lower: Term = {
    code: "swung-out",
    kind: "trued",
    value: tip.y - shoulder.drop.value,
    source: "take-out:shoulder",
  };
  piece.place({
    id: "shoulder/tip",
    stitch: tip,
    cut,
    act: "drop",
    reading: { value: tip.y, terms: swung ? [...shoulder.drop.terms, lower] : shoulder.drop.terms },
    from: "top-line",
    direction: "down",
    why: "shoulder-slope",
  });
}

function chalkShoulderEdge(piece: PieceChalk, half: HalfPlan, line: Path, through: readonly string[]): void {
  const stitch = risenShoulder(piece.given, half.form, line);
  const allowance = ruleLength(piece.given, "allowance.shoulder") + half.form.shoulderTrim;
  const from = isBuiltUp(half.form) ? ["neck/rise"] : [];
  piece.edge("shoulder", { role: "shoulder", stitch, allowance, through: [...from, ...through] });
}

/** The armhole line, plumb from the tip, and its scooped middle. */
function chalkArmholeMarks(piece: PieceChalk, half: HalfPlan): void {
  const { given } = piece;
  const { side, armhole, underarmDown } = half;
  piece.plumb("chest", "armhole", piece.markAt("top/shoulder"));
  const middle = armholeMiddle(armhole, underarmDown);
  const code = `${side}-armhole-scoop` as const;
  const scoop = settleOnTape(given, [{ code, kind: "style", value: armhole.scoop, source: `rule:${side}Scoop` }]);
  piece.place({
    id: "armhole/middle",
    stitch: middle,
    cut: { ...middle, x: middle.x + armholeAllowance(given) },
    act: "scoop",
    reading: scoop,
    from: "armhole-line",
    direction: "inwards",
    why: "scoop",
  });
}

function chalkArmholeEdge(
  piece: PieceChalk,
  half: HalfPlan,
  stitch: Path,
  through: readonly string[],
  turned = false,
): void {
  piece.edge(`${half.side}-armhole`, {
    role: "armhole",
    stitch,
    allowance: armholeAllowance(piece.given),
    through,
    ...(turned ? { turned: [0, stitch.segments.length] as const } : {}),
  });
}

function wholeShoulder(half: HalfPlan): Path {
  return straight(at(half.shoulder.neckWidth.value, 0), half.shoulder.tip);
}

/** Shoulder and armhole of a half without panels. */
export function chalkPlainUpper({ inner }: HalfPieces, half: HalfPlan, chalkChest: () => void): void {
  chalkTip(inner, half, null);
  chalkShoulderEdge(inner, half, wholeShoulder(half), ["top/neck", "shoulder/tip"]);
  chalkArmholeMarks(inner, half);
  chalkChest();
  chalkArmholeEdge(inner, half, half.plainArmhole, ["shoulder/tip", "armhole/middle", "chest/side"]);
}

/** Shoulder and armhole of panels: what the panel line cuts through above the bust. */
export function chalkPanelUpper(
  pieces: HalfPieces,
  half: HalfPlan,
  panel: PanelShape,
  turned: boolean,
  chalkChest: () => void,
): void {
  const { inner, outer, top } = pieces;
  if (panel.innerShoulder !== null && panel.outerShoulder !== null) {
    chalkShoulderEdge(inner, half, panel.innerShoulder, ["top/neck"]);
    const along = { value: pathLength(inner.edgeOf("shoulder").stitch), terms: [] };
    inner.along({
      id: "shoulder/panel",
      edge: "shoulder",
      reading: along,
      stitch: panel.ends.inner,
      why: "shoulder-panel",
    });
    chalkTip(outer, half, panel);
    outer.at({
      id: "shoulder/panel",
      terms: [],
      stitch: panel.outerShoulder.start,
      drawn: UPPER_END,
      why: "shoulder-panel",
    });
    outer.edge("shoulder", {
      role: "shoulder",
      stitch: panel.outerShoulder,
      allowance: ruleLength(outer.given, "allowance.shoulder") + half.form.shoulderTrim,
      through: ["shoulder/panel", "shoulder/tip"],
      ...(turned ? { turned: [0, 1] as const } : {}),
    });
    chalkChest();
    chalkArmholeEdge(outer, half, panel.outerArmhole, ["shoulder/tip", "chest/side"], turned);
    return;
  }
  chalkTip(top, half, null);
  chalkShoulderEdge(top, half, wholeShoulder(half), ["top/neck", "shoulder/tip"]);
  chalkArmholeMarks(top, half);
  if (panel.yokeArmhole !== null) {
    chalkArmholeEdge(top, half, panel.yokeArmhole, ["shoulder/tip", "armhole/middle"]);
    chalkYokeLine(pieces, half, panel);
    chalkChest();
    chalkArmholeEdge(outer, half, panel.outerArmhole, ["yoke/armhole", "chest/side"]);
    return;
  }
  chalkArmholePanel(inner, outer, half, panel);
  chalkChest();
  chalkArmholeEdge(outer, half, panel.outerArmhole, ["armhole/panel", "chest/side"], turned);
}

const UPPER_END = "outer-panel-end";

function chalkArmholePanel(inner: PieceChalk, outer: PieceChalk, half: HalfPlan, panel: PanelShape): void {
  if (panel.innerArmhole === null) return;
  const edge = `${half.side}-armhole`;
  // The curve runs through its middle only where the panel leaves it below.
  const reaches = pathEnd(panel.innerArmhole).y >= armholeMiddle(half.armhole, half.underarmDown).y;
  chalkArmholeEdge(inner, half, panel.innerArmhole, ["shoulder/tip", ...(reaches ? ["armhole/middle"] : [])]);
  const reading = { value: pathLength(panel.innerArmhole), terms: [] };
  inner.along({ id: "armhole/panel", edge, reading, stitch: panel.ends.inner, why: "panel-point" });
  outer.at({ id: "armhole/panel", terms: [], stitch: panel.ends.outer, drawn: UPPER_END, why: "panel-trued" });
}

/** Where the yoke is cut off: its own lower edge, and the upper edges of the two panels below it. */
function chalkYokeLine({ inner, outer, top }: HalfPieces, half: HalfPlan, panel: PanelShape): void {
  const { given } = top;
  const allowance = ruleLength(given, "allowance.panel");
  const down = panel.inner.start.y;
  const base = { role: "join", allowance, why: "yoke" } as const;
  const dart: Term = {
    code: "yoke-take-out",
    kind: "style",
    value: half.form.yokeDart,
    source: "choice:yokeDart",
  };
  const armhole = pathEnd(panel.yokeArmhole ?? panel.inner);
  top.at({ id: "yoke/armhole", terms: [], stitch: armhole, drawn: "armhole-crosses-yoke", why: "yoke" });
  top.edge("join", { ...base, stitch: straight(armhole, at(0, down)), through: ["yoke/armhole"] });
  inner.at({
    id: "yoke/panel",
    terms: [...half.line.rest, { ...dart, value: -dart.value }],
    stitch: panel.ends.inner,
    why: "yoke",
  });
  inner.edge("join", { ...base, stitch: straight(at(0, down), panel.ends.inner), through: ["yoke/panel"] });
  const room = half.room(down);
  const made: Term = { code: "panel-room-made-up", kind: "drawn", value: room, source: "rule:panelRoom" };
  const more = room > 0 ? [made] : [];
  outer.at({ id: "yoke/panel", terms: [...half.line.rest, dart, ...more], stitch: panel.ends.outer, why: "yoke" });
  const givenBack: Term = {
    code: "yoke-take-out-given-back-outside",
    kind: "given-back",
    value: panel.yokeAcross - armhole.x - room,
    source: "take-out:yoke",
  };
  const from: Term = { code: "armhole-on-yoke-line", kind: "body", value: armhole.x, source: "mark:yoke/armhole" };
  outer.at({
    id: "yoke/armhole",
    terms: [from, givenBack, ...more],
    stitch: at(panel.yokeAcross, down),
    why: "given-back",
  });
  outer.edge("join", {
    ...base,
    stitch: straight(panel.ends.outer, at(panel.yokeAcross, down)),
    through: ["yoke/panel", "yoke/armhole"],
  });
}
