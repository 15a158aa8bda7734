import {
  add,
  at,
  isStraight,
  lengthToDepth,
  liesNear,
  movePath,
  type Path,
  type Point,
  pathLength,
  placeAtLength,
  subtract,
} from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import type { DeclaredCode, TakeOutCode } from "./codes";
import type {
  ChalkStep,
  Crease,
  Dart,
  Edge,
  GuideLine,
  LineId,
  Mark,
  Notch,
  Piece,
  PieceSector,
  StepReason,
  TakeOut,
  Turn,
} from "./draft";
import { type Given, NOTHING, settleOnTape } from "./given";
import type { JoinSide } from "./join-ids";
import { drawOutline } from "./outline";
import type {
  AlongChalk,
  AtChalk,
  CreaseChalk,
  DartChalk,
  EdgeChalk,
  MarkChalk,
  OffSlantChalk,
  PieceStart,
  PlaceChalk,
} from "./piece-calls";
import { bendTerms, restTerms, turnedTerms } from "./place-terms";
import { addTerms, type Sum, settle, type Term } from "./term";
import { type TopOrigin, topOrigin } from "./top-origin";

type StepChalk = Pick<ChalkStep, "id" | "act" | "from" | "direction"> & { readonly why?: StepReason | undefined };

/**
 * A piece while it is being chalked: each call makes the geometry and the step that tells it, so that they cannot drift
 * apart. Recipes give places as they lie in the net draft; a piece that was moved out adds its shift to every reading.
 */
export class PieceChalk {
  readonly #lines: GuideLine[] = [];
  readonly #marks: Mark[] = [];
  readonly #edges: Edge[] = [];
  readonly #darts: Dart[] = [];
  readonly #takeOuts: {
    readonly id: string;
    readonly why: TakeOutCode;
    readonly removedAt: (down: Inches) => Inches;
    readonly declared: TakeOut["declared"][number][];
  }[] = [];
  readonly #notches: Notch[] = [];
  readonly #steps: ChalkStep[] = [];
  readonly #shift: Point;
  #turn: Turn | null = null;
  #sectors: readonly PieceSector[] | null = null;
  readonly #creases: Crease[] = [];

  constructor(
    readonly given: Given,
    readonly id: string,
    readonly start: PieceStart,
  ) {
    this.#shift = at(start.shift?.value ?? 0, 0);
    if (start.drawnWith === undefined) this.#layOut();
    else this.#join(start.drawnWith);
  }

  /** The first lines of a piece of its own: the top line, and the line that readings start from. */
  #layOut(): void {
    const { start } = this;
    const { top } = start;
    this.#lines.push({ id: top ?? "top", down: 0, terms: [], level: 0, start: 0 });
    if (start.traced === true) return;
    const act = { kind: "top-line", ...(top === undefined ? {} : { line: top }) } as const;
    this.#say({ id: `${top ?? "top"}-line`, act, from: "cloth-edge", direction: "down" }, start.topInset);
    this.#layOutCentre();
  }

  /** The line that readings across start from, where that is not the fold itself. */
  #layOutCentre(): void {
    const { start } = this;
    if (start.origin === "fold" || start.origin === "cloth-edge") return;
    const act =
      start.origin === "zip-line"
        ? ({ kind: "zip-line" } as const)
        : ({
            kind: "centre-line",
            foldIn: start.front?.foldIn ?? 0,
            beyond: start.front?.overlap ?? 0,
            ...(start.front?.turns === undefined ? {} : { turns: start.front.turns }),
          } as const);
    const why = start.origin === "zip-line" ? "origin-zip-line" : "band";
    this.#say({ id: start.origin, act, from: "cloth-edge", direction: "across", why }, start.originInset);
  }

  /** An outer panel shares fold and guide lines with the piece it is chalked with; only its move is told. */
  #join(with_: NonNullable<PieceStart["drawnWith"]>): void {
    this.#lines.push(...with_.lines);
    const shift = this.start.shift;
    if (shift === undefined || shift.value === 0) return;
    this.#say(
      {
        id: "move-out",
        act: { kind: "move-out", piece: with_.id },
        from: this.start.origin,
        direction: "outwards",
        why: "moved-out",
      },
      shift,
    );
  }

  /** Where its lengths are read down from. */
  get #topOrigin(): TopOrigin {
    return topOrigin(this.start.top ?? "top");
  }

  /** A guide line squared across at a length down from the top line; `level` is where its widths are measured. */
  line(
    id: Exclude<LineId, "top">,
    down: Sum,
    { why, level }: { readonly why?: StepReason; readonly level?: Inches } = {},
  ): void {
    const contour = this.start.contour?.(down.value) ?? 0;
    this.#lines.push({ id, down: down.value, terms: down.terms, level: level ?? down.value, start: contour });
    this.#say(
      { id: `${id}-line`, act: { kind: "guide-line", line: id }, from: this.#topOrigin, direction: "down", why },
      down,
    );
  }

  #line(id: LineId): GuideLine {
    return certain(
      this.#lines.find((line) => line.id === id),
      `guide line ${id} on ${this.id}`,
    );
  }

  down(line: LineId): Inches {
    return this.#line(line).down;
  }

  /** Terms that take off what the origin has bent in on a line, for a mark that does not follow it. */
  bendOn(line: LineId): readonly Term[] {
    return bendTerms(this.#line(line).start);
  }

  level(line: LineId): Inches {
    return this.#line(line).level;
  }

  lineTerms(line: LineId): readonly Term[] {
    return this.#line(line).terms;
  }

  /** Its guide lines, for a panel that is chalked with it. */
  get lines(): readonly GuideLine[] {
    return this.#lines;
  }

  hasLine(id: LineId): boolean {
    return this.#lines.some((line) => line.id === id);
  }

  hasMark(id: string): boolean {
    return this.#marks.some((mark) => mark.id === id);
  }

  /** A mark that was chalked before. */
  markAt(id: string): Mark {
    return certain(
      this.#marks.find((mark) => mark.id === id),
      `mark ${id} on ${this.id}`,
    );
  }

  /** A mark across on a guide line, read from the piece's origin. */
  mark(line: LineId, name: string, chalk: MarkChalk): Mark {
    const terms = [...chalk.terms, ...this.#shiftTerms()];
    const stitch = chalk.step === undefined ? settleOnTape(this.given, terms) : settle(terms, chalk.step);
    const { down, start } = this.#line(line);
    return this.#read(line, name, stitch, chalk, (reading) => at(start + reading, down), {
      id: `${line}-${name}`,
      act: { kind: "mark", mark: `${line}/${name}`, line },
      from: this.start.origin,
      direction: "across",
      why: chalk.why,
    });
  }

  /** A mark down the centre line, read from the top line. */
  centreMark(name: string, chalk: MarkChalk): Mark {
    const stitch = chalk.step === undefined ? settleOnTape(this.given, chalk.terms) : settle(chalk.terms, chalk.step);
    const across = (down: Inches) => chalk.across ?? this.start.contour?.(down) ?? 0;
    return this.#read("centre", name, stitch, chalk, (reading) => at(across(reading), reading), {
      id: `centre-${name}`,
      act: { kind: "centre-mark", mark: `centre/${name}` },
      from: this.#topOrigin,
      direction: "down",
      why: chalk.why,
    });
  }

  #read(
    line: LineId | "centre",
    name: string,
    stitch: Sum,
    chalk: MarkChalk,
    place: (reading: Inches) => Point,
    step: StepChalk,
  ): Mark {
    const cutTerms = chalk.allowance ?? [];
    const cut = chalk.allowance === undefined ? null : stitch.value + addTerms(cutTerms);
    return this.#keep(
      {
        id: `${line}/${name}`,
        line,
        stitch: stitch.value,
        cut,
        terms: stitch.terms,
        cutTerms,
        place: { stitch: place(stitch.value), cut: cut === null ? null : place(cut) },
      },
      step,
    );
  }

  #shiftTerms(): readonly Term[] {
    const { shift } = this.start;
    if (shift === undefined || shift.value === 0) return [];
    return [{ code: "panel-moved-out", kind: "allowance", value: shift.value, source: "rule:panelRoom" }];
  }

  /** A mark plumb under another one, on a guide line: nothing new is measured, but where the origin bends away it reads otherwise. */
  plumb(line: LineId, name: string, under: Mark): Mark {
    const id = `${line}/${name}`;
    const { down, start } = this.#line(line);
    const place = at(under.place.stitch.x, down);
    const bend = bendTerms(start);
    return this.#keep(
      {
        ...under,
        id,
        line,
        stitch: under.stitch + addTerms(bend),
        terms: [...under.terms, ...bend],
        cut: null,
        cutTerms: [],
        place: { stitch: place, cut: null },
      },
      {
        id: `${line}-${name}`,
        act: { kind: "plumb", mark: under.id, line },
        from: this.start.origin,
        direction: "across",
      },
    );
  }

  /** A mark that lies on no guide line, reached from another place. */
  place(chalk: PlaceChalk): Mark {
    const mark: Mark = {
      id: chalk.id,
      line: null,
      stitch: chalk.reading.value,
      cut: null,
      terms: chalk.reading.terms,
      cutTerms: [],
      place: {
        stitch: add(chalk.stitch, this.#shift),
        cut: chalk.cut === undefined ? null : add(chalk.cut, this.#shift),
      },
    };
    const { act, from, direction, why } = chalk;
    return this.#keep(mark, { id: stepId(chalk.id), act: { kind: act, mark: chalk.id }, from, direction, why });
  }

  /** A mark at a depth that is no guide line, across from the origin: after a turn, or where a seam was trued. */
  at(chalk: AtChalk): Mark {
    const { x, y } = add(chalk.stitch, this.#shift);
    const start = chalk.from === undefined ? (this.start.contour?.(y) ?? 0) : -this.start.originInset.value;
    const terms = [
      ...chalk.terms,
      ...this.#shiftTerms(),
      ...turnedTerms(chalk),
      ...(chalk.from ? [] : bendTerms(start)),
    ];
    terms.push(...restTerms(x - start - addTerms(terms), chalk.drawn));
    const cut = chalk.allowance === undefined ? null : at(x + chalk.allowance, y);
    return this.#keep(
      { id: chalk.id, line: null, stitch: x - start, cut: null, terms, cutTerms: [], place: { stitch: at(x, y), cut } },
      {
        id: stepId(chalk.id),
        act: { kind: "at", mark: chalk.id, down: y },
        from: chalk.from ?? this.start.origin,
        direction: "across",
        why: chalk.why,
      },
    );
  }

  /** A mark at a length along an edge. */
  along(chalk: AlongChalk): Mark {
    const place = add(chalk.stitch, this.#shift);
    const { value } = chalk.reading;
    const measured: Term = { code: "along-edge", kind: "trued", value, source: "geometry" };
    const terms = chalk.reading.terms.length > 0 ? chalk.reading.terms : [measured];
    return this.#keep(
      { id: chalk.id, line: null, stitch: value, cut: null, terms, cutTerms: [], place: { stitch: place, cut: null } },
      {
        id: stepId(chalk.id),
        act: { kind: "along", mark: chalk.id, edge: chalk.edge },
        from: "edge-start",
        direction: "along",
        why: chalk.why,
      },
    );
  }

  /** The slanted line under a cap, from its top to a mark: a help that its curve is read from. */
  slant(to: string): void {
    const { x, y } = this.markAt(to).place.stitch;
    const act = { kind: "slant-line", to } as const;
    const length = { value: Math.hypot(x, y), terms: [] };
    this.#say({ id: "cap-slant", act, from: "cap-line", direction: "along", why: "cap-slant" }, length, [to]);
  }

  /** A mark square off the slanted line. */
  offSlant({ id, along, off, direction, stitch, why }: OffSlantChalk): Mark {
    const place = { stitch: add(stitch, this.#shift), cut: null };
    return this.#keep(
      { id, line: null, stitch: off.value, cut: null, terms: off.terms, cutTerms: [], place },
      { id: stepId(id), act: { kind: "off-slant", mark: id, along }, from: "slant-line", direction, why },
    );
  }

  /**
   * A place that no chalk step makes: where lines cross that are there already, or what is marked once the piece is cut.
   *
   * @param side the half that it lies on, of a piece on its fold
   */
  known(id: string, stitch: Point, side?: JoinSide): void {
    const terms: readonly Term[] = [{ code: "as-drawn", kind: "drawn", value: stitch.x, source: "geometry" }];
    const place = { stitch, cut: null };
    const half = side === undefined ? {} : { side };
    this.#marks.push({ id, line: null, stitch: stitch.x, cut: null, terms, cutTerms: [], place, ...half });
  }

  /** A dart joined through marks that were chalked: tips and legs. */
  dart(chalk: DartChalk): void {
    const moved = (point: Point) => add(point, this.#shift);
    const [inner, outer] = chalk.legs;
    const gap = subtract(outer, inner);
    this.#darts.push({
      id: chalk.id,
      intake: Math.hypot(gap.x, gap.y),
      tip: moved(chalk.tip),
      legs: [moved(inner), moved(outer)],
      end: chalk.end === null ? null : moved(chalk.end),
      opens: null,
      sewn: chalk.sewn ?? true,
    });
    this.#say(
      {
        id: chalk.id,
        act: { kind: "dart", dart: chalk.id, through: chalk.through },
        from: "edge-start",
        direction: "along",
        why: chalk.why,
      },
      { value: Math.hypot(gap.x, gap.y), terms: [] },
      chalk.through,
    );
  }

  /** A line inside the piece that is chalked through marks, and never cut. */
  crease({ id, path, through, why }: CreaseChalk): void {
    const moved = movePath(path, this.#shift);
    this.#creases.push({ id, path: moved });
    const act = { kind: "crease", crease: id, curved: !isStraight(path), through } as const;
    const reading = { value: pathLength(path), terms: [] };
    this.#say({ id: `${id}-line`, act, from: "edge-start", direction: "along", why }, reading, through);
  }

  /** Registers that part of the piece was turned; the edges say which of their segments. */
  turned(turn: Turn): void {
    this.#turn = { ...turn, about: add(turn.about, this.#shift) };
  }

  /** Registers how a piece was slashed and spread. */
  spread(sectors: readonly PieceSector[]): void {
    this.#sectors = sectors;
  }

  /** An edge of the outline; edges are chalked clockwise, from the neck at the centre. */
  edge(id: string, chalk: EdgeChalk): Edge {
    const onFold = chalk.onFold ?? false;
    const edge: Edge = {
      id,
      role: chalk.role,
      stitch: movePath(chalk.stitch, this.#shift),
      ...(chalk.cut ? { cut: movePath(chalk.cut, this.#shift) } : {}),
      allowance: chalk.allowance,
      ...(chalk.allowanceAt?.length ? { allowanceAt: chalk.allowanceAt } : {}),
      onFold,
      mouths: chalk.mouths ?? [],
      turned: chalk.turned ?? [0, 0],
    };
    this.#edges.push(edge);
    if (onFold) return edge;
    if (chalk.drawn === undefined) this.#sayEdge(edge, chalk);
    else this.#sayDrawn(edge, chalk.drawn, chalk.why);
    return edge;
  }

  /** An edge joined through its marks, and its cutting line. */
  #sayEdge(edge: Edge, chalk: EdgeChalk): void {
    const { id } = edge;
    const through = chalk.through.filter((mark) => this.#liesOn(mark, edge));
    const act = { kind: "edge", edge: id, curved: !this.#isRuled(chalk.stitch, through), through } as const;
    const length = { value: pathLength(chalk.stitch), terms: [] };
    this.#say({ id, act, from: "edge-start", direction: "along", why: chalk.why }, length, through);
    // Where nothing lies beyond the seam, the line that is drawn is the line that is cut.
    if (chalk.allowance === 0 && edge.allowanceAt === undefined) return;
    this.#say(
      {
        id: `${id}-allowance`,
        act: {
          kind: "allowance",
          edge: id,
          allowance: chalk.allowance,
          ...(edge.allowanceAt === undefined ? {} : { at: edge.allowanceAt }),
        },
        from: "edge-start",
        direction: "outwards",
      },
      { value: chalk.allowance, terms: [] },
    );
  }

  /** Whether a line is ruled from mark to mark: straight, or with a mark at each of its corners. */
  #isRuled({ segments }: Path, through: readonly string[]): boolean {
    if (segments.some(({ kind }) => kind !== "line")) return false;
    const corners = segments.slice(0, -1).map(({ to }) => add(to, this.#shift));
    const places = through.map((id) => this.markAt(id).place.stitch);
    return corners.every((corner) =>
      places.some((place) => Math.hypot(place.x - corner.x, place.y - corner.y) < LIES_ON),
    );
  }

  /** An edge that is chalked where it is cut: round other pieces, or inside another edge. */
  #sayDrawn(edge: Edge, drawn: NonNullable<EdgeChalk["drawn"]>, why: StepReason | undefined): void {
    const { id } = edge;
    const act = drawn.kind === "round" ? { ...drawn, edge: id, seam: edge.allowance } : { ...drawn, edge: id };
    const reading = drawn.kind === "round" ? pathLength(edge.stitch) : drawn.by;
    this.#say({ id, act, from: "edge-start", direction: "inwards", why }, { value: reading, terms: [] });
  }

  /** Whether a mark was chalked and an edge really runs through it: one that was trued, cut off or rounded over has left it. */
  #liesOn(id: string, { stitch, role, allowance }: Edge): boolean {
    const mark = this.#marks.find((one) => one.id === id);
    if (mark === undefined) return false;
    const reach = REACHES[id] ?? LIES_ON;
    // Where the chalked armhole is the line to cut, it ends on the chest line and is sewn a seam below it.
    const below = id === "chest/side" && (role === "armhole" || role === "side") ? allowance : 0;
    return liesNear(stitch, mark.place.stitch, reach + below);
  }

  /** Tells a step that makes no geometry of its own. */
  tell(step: StepChalk, reading: Sum): void {
    this.#say(step, reading);
  }

  /**
   * Registers cloth taken out of the piece.
   *
   * @param removedAt how much of the piece's width is gone at a depth
   */
  takeOut(id: string, why: TakeOutCode, removedAt: (down: Inches) => Inches): void {
    this.#takeOuts.push({ id, why, removedAt, declared: [] });
  }

  /** Says openly that a line is left larger (or smaller) than its body reading and ease by what giving back leaves over. */
  declare(takeOut: string, line: LineId, amount: Inches, why: DeclaredCode): void {
    this.#find(takeOut).declared.push({ line, amount, why });
  }

  #find(takeOut: string) {
    return certain(
      this.#takeOuts.find(({ id }) => id === takeOut),
      `take-out ${takeOut} on ${this.id}`,
    );
  }

  /** A notch at a length along an edge. */
  notchAt(id: string, edge: string, along: Inches, rest: Pick<Notch, "side" | "counts"> = {}): void {
    const path = this.edgeOf(edge).stitch;
    this.#notches.push({ id, edge, at: along, point: placeAtLength(path, along).point, ...rest });
  }

  /** A notch where an edge crosses a depth; an edge that does not reach it gets none. */
  notchAtDepth(id: string, edge: string, down: Inches): void {
    const along = lengthToDepth(this.edgeOf(edge).stitch, down);
    if (along !== undefined) this.notchAt(id, edge, along);
  }

  /** The first edge of a role that was chalked. */
  edgeIn(role: Edge["role"]): Edge | undefined {
    return this.#edges.find((edge) => edge.role === role);
  }

  hasEdge(id: string): boolean {
    return this.#edges.some((edge) => edge.id === id);
  }

  /** An edge that was chalked before. */
  edgeOf(id: string): Edge {
    return certain(
      this.#edges.find((edge) => edge.id === id),
      `edge ${id} on ${this.id}`,
    );
  }

  #keep(mark: Mark, step: StepChalk): Mark {
    this.#marks.push(mark);
    this.#say(step, { value: mark.stitch, terms: mark.terms }, [mark.id], mark.cut);
    return mark;
  }

  #say(step: StepChalk, reading: Sum, marks: readonly string[] = [], cutReading: Inches | null = null): void {
    const { id, act, from, direction } = step;
    const why = step.why ?? null;
    this.#steps.push({
      id,
      act,
      marks,
      from,
      direction,
      reading: reading.value,
      terms: reading.terms,
      cutReading,
      why,
    });
  }

  #takenOut(): readonly TakeOut[] {
    return this.#takeOuts.map(({ id, why, removedAt, declared }) => ({
      id,
      why,
      removes: this.#lines
        .map((line) => ({ line: line.id, amount: removedAt(line.level) }))
        .filter(({ amount }) => amount >= NOTHING),
      declared,
    }));
  }

  finish(): Piece {
    const { start } = this;
    const single = start.single === true;
    const pair = !single && (start.pair ?? (start.origin !== "fold" || start.drawnWith !== undefined));
    return {
      id: this.id,
      name: start.name,
      part: start.part,
      top: start.top ?? "top",
      half: start.half,
      lead: start.lead ?? start.drawnWith === undefined,
      strip: null,
      cloth: "main",
      cut: {
        copies: (pair ? 2 : 1) * (start.copies ?? 1),
        on: single ? "single" : pair ? "pair" : "fold",
        mirrored: pair,
      },
      grain: 0,
      origin: start.origin,
      originInset: start.originInset.value,
      shift: this.#shift.x,
      drawnWith: start.drawnWith?.id ?? null,
      fromCentre: start.front !== undefined,
      lines: this.#lines,
      marks: this.#marks,
      edges: this.#edges,
      takeOuts: this.#takenOut(),
      darts: this.#darts,
      turn: this.#turn,
      ...(this.#sectors === null ? {} : { sectors: this.#sectors }),
      ...(this.#creases.length === 0 ? {} : { creases: this.#creases }),
      notches: this.#notches,
      steps: this.#steps,
      outline: drawOutline(this.#edges),
    };
  }
}

/** How near a mark must lie to an edge that runs through it; a panel is rounded over the bust point and a mermaid where it opens, so that neither peaks. */
const LIES_ON: Inches = 1 / 16;
const REACHES: Readonly<Record<string, Inches>> = { "bust/point": 1 / 4, "flare/side": 3 / 4 };

function stepId(markId: string): string {
  return markId.replace("/", "-");
}
