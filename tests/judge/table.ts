import type { TableStep } from "../../src/core/cloth";
import type { Placement, Reading } from "../../src/core/table";
import { type Fault, fault, type Seen } from "./seen";

const rises = (kind: string) => kind === "line" || kind === "along";

/** Every chalk step in exactly one placement. */
function judgeCover({ steps, placements }: Seen): readonly Fault[] {
  const chalk = steps.filter(({ phase }) => phase === "chalk").map(({ id }) => id);
  const placed = placements.flatMap((placement) => placement.steps);
  const twice = placed.filter((id, index) => placed.indexOf(id) !== index);
  const missing = chalk.filter((id) => !placed.includes(id));
  const strange = placed.filter((id) => !chalk.includes(id));
  return [
    ...twice.map((id) => fault("step in two placements", id)),
    ...missing.map((id) => fault("step in no placement", id)),
    ...strange.map((id) => fault("placement of no step", id)),
  ];
}

/** `rising`: a tape is read from its zero on, and two things on one tick are one reading. */
function judgeRising({ placements }: Seen): readonly Fault[] {
  return placements
    .filter(({ kind }) => rises(kind))
    .flatMap(({ id, readings }) =>
      readings.slice(1).flatMap((reading, index) => {
        const before = readings[index] as Reading;
        const gap = reading.at + (reading.hair ? 1e-3 : 0) - before.at - (before.hair ? 1e-3 : 0);
        if (gap < -1e-9) return [fault("reading falls", id, before.at, reading.at)];
        const same = Math.abs(gap) < 1e-9 && (reading.off?.at ?? 0) === (before.off?.at ?? 0);
        return same ? [fault("one tick read twice", id, reading.at)] : [];
      }),
    );
}

/** `tick-only`, as far as it is said: on a tick of the shop's tape, or half a tick past one. */
function judgeOnTape({ read, placements }: Seen): readonly Fault[] {
  const tick = String(read.given.rules.tick.value);
  const step = tick === "0.5cm" ? 0.1 / 2.54 : tick === "1/4" ? 1 / 4 : tick === "none" ? 1 / 16 : 1 / 8;
  return placements.flatMap(({ id, readings }) =>
    readings.flatMap(({ at, off }) =>
      [at, off?.at ?? 0]
        .filter((value) => Math.abs(value / step - Math.round(value / step)) > 1e-6)
        .map((value) => fault("reading off the tape", id, value)),
    ),
  );
}

/** Nothing is read to the wrong side of zero. */
function judgeNegative({ placements }: Seen): readonly Fault[] {
  return placements.flatMap(({ id, readings }) =>
    readings.filter(({ at }) => at < -1e-9).map(({ at }) => fault("reading negative", id, at)),
  );
}

/** Groups of placements that are chalked without a cut between. */
function runs(placements: readonly Placement[]): readonly (readonly Placement[])[] {
  const byRun = new Map<string, Placement[]>();
  for (const placement of placements) {
    const key =
      placement.id === "strips" ? "strips" : placement.id.replace(new RegExp(`-${placement.slot}(-\\d+)?$`), "");
    byRun.set(key, [...(byRun.get(key) ?? []), placement]);
  }
  return [...byRun.values()];
}

/** `lengths-first`, `outward-once`, `seams-once`. */
function judgeLayings({ placements }: Seen): readonly Fault[] {
  return runs(placements).flatMap((run) => {
    const named = run.findIndex(({ slot }) => slot === "lengths");
    const early = run.slice(0, Math.max(0, named)).filter(({ direction }) => direction === "across");
    const across = run.filter(({ kind, direction, on }) => kind === "line" && direction === "across" && on !== null);
    const twice = across.filter(({ on }, index) => across.findIndex((other) => other.on === on) !== index);
    const seams = run.filter(({ slot }) => slot === "seams");
    return [
      ...early.map(({ id }) => fault("read across before the lines are named", id)),
      ...twice.map(({ id, on }) => fault("a line laid across twice", id, String(on))),
      ...(seams.length > 1 ? [fault("seams in two passes", seams[1]?.id ?? "")] : []),
    ];
  });
}

/** The lines and marks that a placement makes. */
function makes({ readings, acts }: Placement): readonly string[] {
  const read = readings.flatMap(({ made }) => made.filter(({ is }) => is !== "cut").map(({ name }) => name));
  const drawn = acts.filter(({ act }) => act === "square" || act === "double").flatMap(({ names }) => names);
  return [...read, ...drawn];
}

/** Lines and marks that a run's placements make, each with when. */
function madeWhen(run: readonly Placement[]): ReadonlyMap<string, number> {
  const all = run.flatMap((placement, index) => makes(placement).map((name) => [name, index] as const));
  return new Map(all.reverse());
}

const ORIGIN_LINES: Readonly<Record<string, string>> = {
  "top-line": "top",
  "bust-line": "bust",
  "waist-line": "waist",
  "hip-line": "hip",
  "hem-line": "hem",
  "zip-line": "zip-line",
  "centre-line": "centre-line",
  "armhole-line": "chest/armhole",
};

/** `made-before-used`: a tape starts only where an earlier placement made something; what stood before the cut stands. */
function judgeUsed(seen: Seen): readonly Fault[] {
  return runs(seen.placements)
    .filter((run) => !run.some(({ id }) => id.includes("-alone-")) && run[0]?.slot !== "strips")
    .flatMap((run) => {
      const when = madeWhen(run);
      const lacks = (name: string | undefined, index: number) =>
        name !== undefined && when.has(name) && (when.get(name) ?? 0) >= index;
      return run.flatMap(({ id, origin, originMark, on, readings }, index) => {
        const starts = [ORIGIN_LINES[origin ?? ""], originMark ?? undefined, typeof on === "string" ? on : undefined];
        const own = readings.flatMap(({ from }) => (from?.endsWith("-line") ? [ORIGIN_LINES[from]] : []));
        return [...starts, ...own]
          .filter((name) => lacks(name, index))
          .map((name) => fault("read from what is not made yet", id, String(name)));
      });
    });
}

/** `side-last`: a side is drawn once every width it passes through stands; an edge once all its marks do. */
function judgeDrawnLast(seen: Seen): readonly Fault[] {
  return runs(seen.placements).flatMap((run) =>
    run.flatMap(({ id, acts }, index) =>
      acts
        .filter(({ act }) => act === "rule" || act === "curve")
        .flatMap(({ piece, names, edge }) =>
          names
            .filter((name) =>
              run
                .slice(index + 1)
                .some(({ readings }) =>
                  readings.some(({ made }) =>
                    made.some((one) => one.name === name && one.piece === piece && one.is === "stitch"),
                  ),
                ),
            )
            .map((name) => fault("drawn before its mark", id, String(edge), name)),
        ),
    ),
  );
}

/** `dotted-cut`: an allowance is chalked once, and not with the short rule where it is dotted already. */
function judgeAllowanceOnce({ placements }: Seen): readonly Fault[] {
  const offsets = placements.flatMap(({ id, acts }) =>
    acts.filter(({ act }) => act === "offset").map(({ piece, edge }) => ({ id, key: `${piece}/${edge}` })),
  );
  return offsets
    .filter(({ key }, index) => offsets.findIndex((other) => other.key === key) !== index)
    .map(({ id, key }) => fault("cutting line chalked twice", id, key));
}

/** `helper-left`: a helper that is ruled from is rubbed out before the chalk is measured. */
function judgeHelpers({ placements }: Seen): readonly Fault[] {
  return runs(placements).flatMap((run) => {
    const helps = run.flatMap(({ slot, readings }) =>
      slot === "chest" || slot === "lengths"
        ? readings.flatMap(({ made }) => made.filter(({ is }) => is === "help").map(({ name }) => name))
        : [],
    );
    const gone = new Set(
      run.flatMap(({ acts }) => acts.filter(({ act }) => act === "rub-out").flatMap(({ names }) => names)),
    );
    return helps.filter((name) => !gone.has(name)).map((name) => fault("helper left", run[0]?.group ?? "", name));
  });
}

function isShears({ act }: TableStep): boolean {
  return act.kind === "cut" || act.kind === "re-cut";
}

/** The shears: after the check of their group, in movements, the inside after the outline. */
function judgeShears({ steps }: Seen): readonly Fault[] {
  // What was chalked round cut pieces has no net lines to measure: it is cut as it is.
  const traced = new Set(steps.filter(({ chalk }) => chalk?.act.kind === "round").map(({ group }) => group));
  return steps.flatMap((step, index) => {
    if (!isShears(step)) return [];
    if (traced.has(step.group)) return step.movement === null ? [fault("cut in no movement", step.id)] : [];
    const checked = steps.findIndex(({ phase, group }) => phase === "check" && group === step.group);
    return [
      ...(checked === -1 || checked > index ? [fault("cut before its chalk was measured", step.id)] : []),
      ...(step.movement === null ? [fault("cut in no movement", step.id)] : []),
      ...(step.stopUntil === null ? [fault("cut waits for nothing", step.id)] : []),
    ];
  });
}

/** Everything about the layings of the tape that a hand would stumble over (craft: table, section 2). */
export function judgeTable(seen: Seen): readonly Fault[] {
  return [
    judgeCover,
    judgeRising,
    judgeOnTape,
    judgeNegative,
    judgeLayings,
    judgeUsed,
    judgeDrawnLast,
    judgeAllowanceOnce,
    judgeHelpers,
    judgeShears,
  ].flatMap((eye) => eye(seen));
}
