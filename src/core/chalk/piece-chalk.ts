import { isStraight, lengthToDepth, type Path, pathLength, placeAtLength } from "../geometry";
import type { Inches } from "../length";
import { certain } from "../result";
import type { ChalkStep, Edge, GuideLine, LineId, Mark, Notch, Piece, StepReason, TakeOut } from "./draft";
import { type Given, settleOnTape } from "./given";
import { drawOutline } from "./outline";
import type { EdgeChalk, MarkChalk, PieceStart, PlaceChalk } from "./piece-calls";
import { addTerms, type Sum, settle, type Term } from "./term";

/** Below this nothing is taken out that a tape could show. */
const NOTHING: Inches = 1 / 64;

/** A piece while it is being chalked: each call makes the geometry and the step that tells it, so that they cannot drift apart. */
export class PieceChalk {
  readonly #lines: GuideLine[] = [];
  readonly #marks: Mark[] = [];
  readonly #edges: Edge[] = [];
  readonly #takeOuts: {
    readonly id: string;
    readonly why: string;
    readonly removedAt: (down: Inches) => Inches;
    readonly declared: TakeOut["declared"][number][];
  }[] = [];
  readonly #notches: Notch[] = [];
  readonly #steps: ChalkStep[] = [];

  constructor(
    readonly given: Given,
    readonly id: string,
    readonly start: PieceStart,
  ) {
    this.#lines.push({ id: "top", down: 0, terms: [] });
    this.#say({
      id: "top-line",
      act: { kind: "top-line" },
      from: "cloth-edge",
      direction: "down",
      reading: start.topInset,
    });
    if (start.origin === "zip-line") {
      this.#say({
        id: "zip-line",
        act: { kind: "zip-line" },
        from: "cloth-edge",
        direction: "across",
        reading: start.originInset,
        why: "origin-zip-line",
      });
    }
  }

  /** A guide line squared across at a length down from the top line. */
  line(id: Exclude<LineId, "top">, terms: readonly Term[], why?: StepReason): GuideLine {
    const down = settleOnTape(this.given, terms);
    const line: GuideLine = { id, down: down.value, terms: down.terms };
    this.#lines.push(line);
    this.#say({
      id: `${id}-line`,
      act: { kind: "guide-line", line: id },
      from: "top-line",
      direction: "down",
      reading: down,
      ...(why ? { why } : {}),
    });
    return line;
  }

  down(line: LineId): Inches {
    return certain(
      this.#lines.find(({ id }) => id === line),
      `guide line ${line} on ${this.id}`,
    ).down;
  }

  lineTerms(line: LineId): readonly Term[] {
    return certain(
      this.#lines.find(({ id }) => id === line),
      `guide line ${line} on ${this.id}`,
    ).terms;
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
    const stitch = chalk.step === undefined ? settleOnTape(this.given, chalk.terms) : settle(chalk.terms, chalk.step);
    const id = `${line}/${name}`;
    const place = { x: stitch.value, y: this.down(line) };
    const { cut, cutTerms } = this.#cutReading(stitch.value, chalk.allowance);
    return this.#keep(
      {
        id,
        line,
        stitch: stitch.value,
        cut,
        terms: stitch.terms,
        cutTerms,
        place: { stitch: place, cut: cut === null ? null : { ...place, x: cut } },
      },
      {
        id: `${line}-${name}`,
        act: { kind: "mark", mark: id, line },
        from: this.start.origin,
        direction: "across",
        why: chalk.why,
      },
    );
  }

  /** A mark down the centre line, read from the top line. */
  centreMark(name: string, chalk: MarkChalk): Mark {
    const stitch = settleOnTape(this.given, chalk.terms);
    const id = `centre/${name}`;
    const { cut, cutTerms } = this.#cutReading(stitch.value, chalk.allowance);
    return this.#keep(
      {
        id,
        line: "centre",
        stitch: stitch.value,
        cut,
        terms: stitch.terms,
        cutTerms,
        place: { stitch: { x: 0, y: stitch.value }, cut: cut === null ? null : { x: 0, y: cut } },
      },
      {
        id: `centre-${name}`,
        act: { kind: "centre-mark", mark: id },
        from: "top-line",
        direction: "down",
        why: chalk.why,
      },
    );
  }

  #cutReading(
    stitch: Inches,
    allowance: readonly Term[] | undefined,
  ): { cut: Inches | null; cutTerms: readonly Term[] } {
    return allowance === undefined
      ? { cut: null, cutTerms: [] }
      : { cut: stitch + addTerms(allowance), cutTerms: allowance };
  }

  /** A mark plumb under another one, on a guide line: nothing new is measured. */
  plumb(line: LineId, name: string, under: Mark): Mark {
    const id = `${line}/${name}`;
    const mark: Mark = {
      ...under,
      id,
      line,
      cut: null,
      cutTerms: [],
      place: { stitch: { x: under.stitch, y: this.down(line) }, cut: null },
    };
    return this.#keep(mark, {
      id: `${line}-${name}`,
      act: { kind: "plumb", mark: under.id, line },
      from: this.start.origin,
      direction: "across",
    });
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
      place: { stitch: chalk.stitch, cut: chalk.cut ?? null },
    };
    return this.#keep(mark, {
      id: chalk.id.replace("/", "-"),
      act: { kind: chalk.act, mark: chalk.id },
      from: chalk.from,
      direction: chalk.direction,
      why: chalk.why,
    });
  }

  /** An edge of the outline; edges are chalked clockwise, from the neck at the centre. */
  edge(id: string, chalk: EdgeChalk): Edge {
    const onFold = chalk.onFold ?? false;
    const curved = !isStraight(chalk.stitch);
    const edge: Edge = {
      id,
      role: chalk.role,
      stitch: chalk.stitch,
      ...(chalk.cut ? { cut: chalk.cut } : {}),
      allowance: chalk.allowance,
      onFold,
    };
    this.#edges.push(edge);
    if (onFold) return edge;
    this.#say({
      id,
      act: { kind: "edge", edge: id, curved, through: chalk.through },
      marks: chalk.through,
      from: "edge-start",
      direction: "along",
      reading: { value: pathLength(chalk.stitch), terms: [] },
      why: chalk.why,
    });
    this.#say({
      id: `${id}-allowance`,
      act: { kind: "allowance", edge: id, allowance: chalk.allowance },
      from: "edge-start",
      direction: "outwards",
      reading: { value: chalk.allowance, terms: [] },
    });
    return edge;
  }

  /**
   * Registers cloth taken out of the piece.
   *
   * @param removedAt how much of the piece's width is gone at a depth
   */
  takeOut(id: string, why: string, removedAt: (down: Inches) => Inches): void {
    this.#takeOuts.push({ id, why, removedAt, declared: [] });
  }

  /** The terms that give back what the named take-out removes on a line, exactly; none where it removes nothing. */
  givenBack(takeOut: string, line: LineId, label: string): readonly Term[] {
    const amount = this.#find(takeOut).removedAt(this.down(line));
    return amount < NOTHING ? [] : [{ label, kind: "given-back", value: amount, source: `take-out:${takeOut}` }];
  }

  /** Says openly that a line is left smaller by what the take-out removes there. */
  declareNotGivenBack(takeOut: string, line: LineId, why: string): void {
    const found = this.#find(takeOut);
    found.declared.push({ line, amount: -found.removedAt(this.down(line)), why });
  }

  #find(takeOut: string) {
    return certain(
      this.#takeOuts.find(({ id }) => id === takeOut),
      `take-out ${takeOut} on ${this.id}`,
    );
  }

  /** A notch at a length along an edge. */
  notchAt(id: string, edge: string, along: Inches): void {
    const path = this.edgePath(edge);
    this.#notches.push({ id, edge, at: along, point: placeAtLength(path, along).point });
  }

  /** A notch where an edge crosses a depth; an edge that does not reach it gets none. */
  notchAtDepth(id: string, edge: string, down: Inches): void {
    const along = lengthToDepth(this.edgePath(edge), down);
    if (along !== undefined) this.notchAt(id, edge, along);
  }

  edgePath(id: string): Path {
    return certain(
      this.#edges.find((edge) => edge.id === id),
      `edge ${id} on ${this.id}`,
    ).stitch;
  }

  #keep(
    mark: Mark,
    step: Pick<ChalkStep, "id" | "act" | "from" | "direction"> & { readonly why?: StepReason | undefined },
  ): Mark {
    this.#marks.push(mark);
    const { id, act, from, direction, why } = step;
    const reading = { value: mark.stitch, terms: mark.terms };
    this.#say({ id, act, from, direction, why, marks: [mark.id], reading, cutReading: mark.cut });
    return mark;
  }

  #say(
    step: Pick<ChalkStep, "id" | "act" | "from" | "direction"> & {
      readonly reading: Sum;
      readonly marks?: readonly string[];
      readonly cutReading?: Inches | null;
      readonly why?: StepReason | undefined;
    },
  ): void {
    const { id, act, from, direction, reading } = step;
    this.#steps.push({
      id,
      act,
      marks: step.marks ?? [],
      from,
      direction,
      reading: reading.value,
      terms: reading.terms,
      cutReading: step.cutReading ?? null,
      why: step.why ?? null,
    });
  }

  #takenOut(): readonly TakeOut[] {
    return this.#takeOuts.map(({ id, why, removedAt, declared }) => ({
      id,
      why,
      removes: this.#lines
        .map((line) => ({ line: line.id, amount: removedAt(line.down) }))
        .filter(({ amount }) => amount >= NOTHING),
      declared,
    }));
  }

  finish(): Piece {
    const pair = this.start.origin !== "fold";
    return {
      id: this.id,
      name: this.start.name,
      cloth: "main",
      cut: { copies: pair ? 2 : 1, on: pair ? "pair" : "fold", mirrored: pair },
      origin: this.start.origin,
      originInset: this.start.originInset.value,
      lines: this.#lines,
      marks: this.#marks,
      edges: this.#edges,
      takeOuts: this.#takenOut(),
      notches: this.#notches,
      steps: this.#steps,
      outline: drawOutline(this.#edges),
    };
  }
}
