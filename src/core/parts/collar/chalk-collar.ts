import type { FrontShape, Given, NeckDemand, OpenEdge, Sheet } from "../../chalk";
import { both, type Inches, pickSystem } from "../../length";
import { certain } from "../../result";
import { chalkCape } from "./chalk-cape";
import { type PlannedFront, planFront } from "./chalk-lapel-front";
import { chalkNotched } from "./chalk-notched";
import { chalkShirtCollar, chalkStand, chalkTurnDown } from "./chalk-standing";
import { type CollarForm, readCollarForm } from "./collar-form";
import { type CollarKind, sitsOn } from "./collar-kinds";
import { readCollarNeck } from "./collar-neck";
import { chalkLapelFacing } from "./lapel-facing";
import { outerShort } from "./plan-lapel";

/** A neck with less room than this round the neck chokes; with more than that under a stand it stands off. */
const LEAST_ROOM = both(0.5, 1);
const MOST_ROOM = both(4, 10);

/** A collar that was chosen: what it asks of the neck before the body is drawn, and how it is chalked once it is. */
export interface ChosenCollar {
  readonly demand: NeckDemand;
  /** Chalks it to the neck that was left open; one that lies on the body wants its armholes too. */
  readonly chalk: (sheet: Sheet, neck: OpenEdge, armhole: OpenEdge) => void;
}

function remarkRoom(sheet: Sheet, { kind }: CollarForm, neck: OpenEdge): void {
  const { given } = sheet;
  const girth = given.measurements.neck?.value;
  if (girth === undefined) return;
  const { front, back } = readCollarNeck(given, neck);
  const round = 2 * (front + back);
  const piece = kind === "shirt" ? "collar-stand" : "collar";
  if (round < girth + pickSystem(LEAST_ROOM, given.metric) - 1e-9)
    sheet.remark({ id: "collar-chokes", piece, numbers: { round, neck: girth } });
  if (kind !== "turn-down" && round > girth + pickSystem(MOST_ROOM, given.metric) + 1e-9)
    sheet.remark({ id: "collar-stands-off", piece, numbers: { round, neck: girth } });
}

/** Collars that stand round the neck, and open with it. */
function standing(given: Given, form: CollarForm): ChosenCollar {
  return {
    demand: { collar: form.kind, ...sitsOn[form.kind] },
    chalk: (sheet, open) => {
      const neck = readCollarNeck(given, open);
      if (form.kind === "stand") chalkStand(sheet, form, neck, open);
      else if (form.kind === "shirt") chalkShirtCollar(sheet, form, neck, open);
      else chalkTurnDown(sheet, form, neck, open);
      remarkRoom(sheet, form, open);
    },
  };
}

/** Lapel and shawl: the front is made for them, and what is not cut on is drawn to it. */
function onFront(given: Given, form: CollarForm): ChosenCollar {
  let made: { readonly planned: PlannedFront; readonly shape: FrontShape } | null = null;
  return {
    demand: {
      collar: form.kind,
      ...sitsOn[form.kind],
      front: (facts) => {
        made = planFront(given, form, facts);
        return made.shape;
      },
    },
    chalk: (sheet, open) => {
      const { planned, shape } = certain(made ?? undefined, "a front that was planned for its collar");
      const [front] = open.walk.front;
      const piece = certain(front, "the front that the collar lies on").piece.id;
      sheet.part("collar", () => {
        chalkOnFront(sheet, form, planned, open);
        chalkLapelFacing(sheet, form, planned, { edge: shape.edge, piece });
        remarkSwing(sheet, form, planned.facts.backNeck);
      });
    },
  };
}

function chalkOnFront(sheet: Sheet, form: CollarForm, planned: PlannedFront, open: OpenEdge): void {
  if (planned.kind === "lapel" && form.collarCut === "apart") {
    chalkNotched(sheet, form, planned.facts, open);
    return;
  }
  const more = open.off.back;
  sheet.seam({ id: "collar-back", a: open.rows.front, b: open.rows.back, ease: { least: -more, most: -more } });
  sheet.remark({ id: "collar-cut-on", piece: open.walk.front[0]?.piece.id ?? "", numbers: {} });
}

function remarkSwing(sheet: Sheet, form: CollarForm, back: Inches): void {
  const short = outerShort(sheet.given, form, back);
  if (short < 1 / 64) return;
  const cure = { path: "choices.collarSwing", value: "by-width" } as const;
  sheet.remark({ id: "outer-edge-short", piece: "collar", numbers: { short }, cure });
}

function cape(form: CollarForm): ChosenCollar {
  return {
    demand: { collar: "cape", ...sitsOn.cape },
    chalk: (sheet, neck, armhole) => chalkCape(sheet, form, neck, armhole),
  };
}

/** Reads a collar's choices, before anything is drawn. */
export function chooseCollar(given: Given, kind: CollarKind): ChosenCollar {
  const form = readCollarForm(given, kind);
  if (kind === "cape") return cape(form);
  return kind === "lapel" || kind === "shawl" ? onFront(given, form) : standing(given, form);
}
