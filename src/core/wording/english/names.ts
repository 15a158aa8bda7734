import type { FigureKind } from "../../body";
import type { CreaseId, LineId, Origin } from "../../chalk";

export const figureNames: Readonly<Record<FigureKind, string>> = { woman: "Woman", man: "Man", child: "Child" };

/** What lines, edges and marks are called at the table. */
export const lineNames: Readonly<Record<LineId, string>> = {
  top: "top line",
  chest: "chest line",
  bust: "bust line",
  underbust: "under-bust line",
  waist: "waist line",
  hip: "hip line",
  flare: "flare line",
  cap: "cap line",
  biceps: "biceps line",
  elbow: "elbow line",
  wrist: "wrist line",
  base: "base line",
  hem: "hem line",
};

export const originNames: Readonly<Record<Origin, string>> = {
  fold: "from the fold",
  "zip-line": "from the centre-back line",
  "centre-line": "from the centre-front line",
  "top-line": "from the top line",
  "waist-line": "from the waist line",
  "cap-line": "from the cap line",
  "slant-line": "off the slanted line",
  "cloth-edge": "from the cloth's edge",
  "lowest-mark": "from the lowest mark of the side",
  "armhole-line": "from the armhole line",
  "hem-line": "from the hem line",
  "ring-centre": "from the centre of the ring",
  "edge-start": "along the line",
};

/** What each part of the work is called. */
export const phaseNames = {
  style: "Picture",
  fold: "Fold",
  chalk: "Chalk",
  check: "Measure",
  cut: "Cut",
  notch: "Notch",
  count: "Count",
  make: "Make",
} as const;

const edgeNames: Readonly<Record<string, string>> = {
  "front-neck": "front neck",
  "back-neck": "back neck",
  shoulder: "shoulder",
  "front-armhole": "front armhole",
  "back-armhole": "back armhole",
  side: "side",
  hem: "hem",
  centre: "centre",
  panel: "panel seam",
  waist: "waist edge",
  join: "joining edge",
  top: "upper edge",
  right: "right edge",
  bottom: "lower edge",
  left: "left edge",
  lower: "lower edge",
  seam: "ruched seam",
  slit: "slit",
  inner: "inner edge",
  outer: "outer edge",
  neck: "neck",
  armhole: "armhole",
  closing: "closing edge",
  "closing-2": "second closing edge",
  cap: "cap",
  "cap-front": "front of the cap",
  "cap-back": "back of the cap",
  free: "free edge",
  "free-front": "free edge of the front petal",
  "free-back": "free edge of the back petal",
  end: "open end",
  "sleeve-hem": "end of the sleeve",
  "sleeve-join": "sleeve joining edge",
  under: "lower edge",
  sleeve: "lower edge",
  gorge: "gorge",
  lapel: "lapel edge",
  notch: "notch of the lapel",
  front: "front edge",
  back: "back edge",
  "collar-back": "centre back of the collar",
};

/** What an edge is called that was swung about a centre. */
export function nameRing(edge: string): string {
  return edge === "inner" ? "inner ring" : edge === "outer" ? "outer ring" : nameEdge(edge);
}

const markNames: Readonly<Record<string, string>> = {
  "top/neck": "neck width",
  "top/shoulder": "half across shoulder",
  "shoulder/tip": "shoulder tip",
  "centre/neck-depth": "neck depth",
  "armhole/middle": "middle of the armhole",
  "chest/armhole": "foot of the armhole line",
  "chest/side": "chest side",
  "waist/side": "waist side",
  "hip/side": "hip side",
  "hem/side": "hem side",
  "hem/flare": "flare on the hem line",
  "biceps/side": "underarm",
  "biceps/level": "end of the level line",
  "elbow/side": "elbow side",
  "hem/turn": "turned hem at the side",
  "cap/raised": "first quarter of the slant",
  "cap/middle": "middle of the slant",
  "cap/sunk": "third quarter of the slant",
  "cap/top": "top of the cap",
  "sleeve/top": "upper corner of the sleeve",
  "sleeve/end": "lower corner of the sleeve",
  "join/low": "lower corner of the join",
  "cap/end": "end of the cap sleeve",
  "cap/scooped": "hollow of the front cap",
  "cap/free": "start of the free edge",
  "cap/front-free": "start of the front free edge",
  "cap/back-free": "start of the back free edge",
  "cap/underarm": "underarm",
  "hem/underarm": "foot of the underarm",
  "free/drop": "end of the plumb drop",
  "free/crossing": "crossing of the centre line",
  "slit/top": "top of the slit",
  "hem/pleat-1": "first line of the pleat",
  "hem/pleat-2": "second line of the pleat",
  "cuff/point": "open point of the cuff",
  "cuff/corner": "lower corner of the cuff",
  "centre/cuff": "upper edge at the fold",
  "flare/side": "turn on the flare line",
  "waist/seam": "waist at the ruched seam",
  "seam/slit-top": "top of the slit on the seam",
  "hem/slit": "slit at the hem",
  "godet-centre/top": "end of the slash at the centre",
  "godet/point": "point of the godet",
  "godet/left": "left corner of the godet",
  "godet/right": "right corner of the godet",
  "centre/facing": "lower edge of the facing at the centre",
  "facing/side": "lower corner of the facing at the side",
  "ring/centre": "centre of the ring",
  "centre/waist": "waist at the centre",
  "waist/hollow": "zip hollow",
  "centre/hem": "hem at the centre",
  "centre/zip-end": "end of the zip",
  "centre/slit-end": "end of the slit",
  "centre/slit-top": "top of the slit",
  "centre/vent-top": "top of the vent",
  "vent/corner": "upper corner of the vent",
  "vent/hem": "lower corner of the vent",
  "centre/lower-edge": "lower edge at the zip",
  "edge/neck": "neck at the front edge",
  "side/foot": "foot of the side seam",
  "bust/point": "bust point",
  "bust/side": "bust side",
  "underbust/side": "under-bust side",
  "armhole/panel": "panel point of the armhole",
  "underbust/panel": "panel seam on the under-bust line",
  "waist/panel": "panel seam on the waist line",
  "hip/panel": "panel seam on the hip line",
  "hem/panel": "panel seam at the hem",
  "shoulder/panel": "panel point of the shoulder",
  "waist/dart-line": "line of the waist dart, at the waist",
  "hip/dart-line": "line of the waist dart, at the hip",
  "waist/dart-inner": "inner leg of the waist dart",
  "waist/dart-outer": "outer leg of the waist dart",
  "waist/dart-peak": "peak of the waist dart",
  "waist/dart-2-line": "line of the second dart, at the waist",
  "hip/dart-2-line": "line of the second dart, at the hip",
  "waist/dart-2-inner": "inner leg of the second dart",
  "waist/dart-2-outer": "outer leg of the second dart",
  "waist/dart-2-peak": "peak of the second dart",
  "dart/tip-2": "tip of the second dart",
  "dart/tip-2-hole": "hole at the second tip",
  "waist/dart-3-line": "line of the third dart, at the waist",
  "hip/dart-3-line": "line of the third dart, at the hip",
  "waist/dart-3-inner": "inner leg of the third dart",
  "waist/dart-3-outer": "outer leg of the third dart",
  "waist/dart-3-peak": "peak of the third dart",
  "dart/tip-3": "tip of the third dart",
  "dart/tip-3-hole": "hole at the third tip",
  "join/dart-inner": "inner leg of the waist dart on the line",
  "join/dart-outer": "outer leg of the waist dart on the line",
  "dart/tip": "tip of the waist dart",
  "dart/end": "lower tip of the waist dart",
  "dart/tip-hole": "hole at the tip",
  "dart/end-hole": "hole at the lower tip",
  "bust/dart-tip-hole": "hole at the tip of the bust dart",
  "side/dart-upper": "upper leg of the bust dart",
  "side/dart-lower": "lower leg of the bust dart",
  "bust/dart-tip": "tip of the bust dart",
  "neck/rise": "end of the built-up neck",
  "neck/shoulder": "shoulder on the sewn edge",
  "neck/front": "centre front of the sewn edge",
  "neck/overlap": "end of the overlap",
  "top/front": "front of the upper edge",
  "upper/shoulder": "upper edge above the shoulder",
  "stand/front": "front of the stand line",
  "outer/point": "point of the collar",
  "waist/break": "break",
  "top/break": "break line on the top line",
  "gorge/depth": "gorge at the centre front",
  "gorge/tip": "tip of the lapel",
  "gorge/notch": "notch on the gorge",
  "centre/roll": "roll at the centre back",
  "collar/roll": "roll at the centre back",
  "collar/notch": "front corner of the collar",
  "collar/back-inner": "centre back of the collar, sewn edge",
  "collar/back-outer": "centre back of the collar, outer edge",
  "shawl/outer": "widest place of the shawl",
  "cape/shoulder-inner": "cape on the shoulder, sewn edge",
  "cape/shoulder-outer": "cape past the shoulder",
  "cape/front-inner": "cape at the centre front, sewn edge",
  "cape/front-outer": "front corner of the cape",
  "cape/back-inner": "cape at the centre back, sewn edge",
  "pocket/top": "upper inner corner of the pocket",
  "pocket/outer": "upper outer corner of the pocket",
  "pocket/foot": "lower inner corner of the pocket",
  "cape/back-outer": "cape at the centre back, outer edge",
  "yoke/armhole": "yoke line on the armhole",
  "yoke/panel": "take-out on the yoke line",
};

const notchNames: Readonly<Record<string, string>> = {
  waist: "waist",
  hip: "hip",
  "zip-end": "end of the zip",
  "zip-top": "top of the zip line",
  "slit-end": "end of the slit",
  "slit-top": "top of the slit",
  "vent-top": "top of the vent",
  underbust: "under-bust level",
  "centre-neck": "centre of the neck",
  bust: "bust point level",
  dart: "closed dart",
  "dart-2": "closed second dart",
  "dart-3": "closed third dart",
  "dart-inner": "inner leg of the dart",
  "dart-outer": "outer leg of the dart",
  "dart-2-inner": "inner leg of the second dart",
  "dart-2-outer": "outer leg of the second dart",
  "dart-3-inner": "inner leg of the third dart",
  "dart-3-outer": "outer leg of the third dart",
  "front-waist": "centre front of the waist",
  "back-waist": "centre back of the waist",
  overlap: "start of the overlap",
  godet: "top of the godet's slot",
  notch: "shoulder notch",
  "pocket-top": "top of the pocket's mouth",
  "pocket-end": "end of the pocket's mouth",
  shoulder: "shoulder",
  top: "upper edge",
  front: "centre front",
  "sleeve-end": "end of the cap sleeve",
  "notch-front": "front notch",
  "notch-back": "back notch",
  "notch-back-2": "second back notch",
  "ring-fold": "fold of the ring",
  "ring-quarter": "quarter of the ring",
};

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export const nameEdge = (id: string): string => edgeNames[id] ?? id.replaceAll("-", " ");
export const nameMark = (id: string): string =>
  markNames[id] ??
  id
    .replace(/^centre\/button-/, "buttonhole ")
    .replace(/^godet-(\d+)\/top$/, "end of slash $1")
    .replace(/^ruche-(\d+)\/seam$/, "line $1 on the ruched seam")
    .replace(/^ruche-(\d+)\/hinge$/, "line $1 on the side")
    .replace(/^cap\/strip-(\d+)$/, "middle of strip $1 on the cap")
    .replace(/^hem\/strip-(\d+)$/, "middle of strip $1 at the hem")
    .replace("/", " ")
    .replaceAll("-", " ");
const creaseNames: Readonly<Record<CreaseId, string>> = {
  break: "break line",
  roll: "roll line",
  stand: "stand line",
  cape: "line of the cape",
  pocket: "place of the pocket",
  pleat: "stitching of the pleat",
  channel: "boning channel",
};

/** What a line inside a piece is called, which is chalked and not cut. */
export const nameCrease = (id: string): string => creaseNames[id.replace(/-\d+$/, "") as CreaseId] ?? id;
export const nameNotch = (id: string): string => notchNames[id] ?? id.replaceAll("-", " ");
export const nameLine = (id: string): string => lineNames[id as LineId] ?? id;
/** What a piece is called in a sentence; a facing by what it faces. */
export const namePiece = (id: string): string =>
  id
    .replace(/^bodice-/, "")
    .replace(/^facing-(waist|armhole)-(front|back)$/, "$2 $1 facing")
    .replace(/^facing-(.+)$/, "$1 facing")
    .replace(/^collar-under$/, "under collar")
    .replace(/^(lining|stay)-(.+)$/, "$2 $1")
    .replaceAll("-", " ");

/** A piece as it stands in a sentence: `the front`, but `tier 1` and `the end of tier 1`: what is numbered is one of several. */
export function thePiece(id: string): string {
  const name = namePiece(id);
  if (/\d$/.test(name)) return name;
  return name.replace(/^(.* \d+) end$/, "end of $1").replace(/^/, "the ");
}

export function nameList(names: readonly string[]): string {
  return names.length < 2 ? (names[0] ?? "") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
}

/** What a seam is called: its two edges, or the piece that it joins. */
export const nameSeam = (id: string): string =>
  id.endsWith("-panel")
    ? `${id.replace("-panel", "")} panels`
    : id.startsWith("join-")
      ? namePiece(id.slice(5))
      : id.replaceAll("-", " ");

/** What a girth is called, and where it is measured when that is not its own line. */
export const nameGirth = (id: string, on = id): string =>
  `${id === "underbust" ? "under-bust" : id}${on === id ? "" : ` on the ${nameLine(on)}`}`;
