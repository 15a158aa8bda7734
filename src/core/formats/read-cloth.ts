import { type ClothId, clothIds } from "../chalk";
import { type Cloth, defaultCloth, type Spot } from "../cloth";
import type { Inches, Unit } from "../length";
import type { Order, OrderError } from "./order";
import { readPositiveLength, readSignedLength } from "./read-lengths";

type TypedCloth = NonNullable<Order["cloth"]>;

interface ClothReading {
  readonly value: Cloth;
  readonly errors: readonly OrderError[];
}

/** Narrower than this no piece is cut. */
const LEAST_WIDTH: Inches = 6;
const MOST_SHRINKAGE = 25;

/** A price or a share as a person writes it: `4.50`, `4,50`, `5 %`. */
function readNumber(value: number | string, path: string, message: string, most: number): number | OrderError {
  const text = String(value).trim().replace(/\s*%$/, "").replace(",", ".");
  const number = /^\d+(\.\d+)?$/.test(text) ? Number(text) : Number.NaN;
  return number >= 0 && number <= most ? number : { path, message, nearest: null };
}

function readSpots(cloth: TypedCloth | undefined, path: string, unit: Unit, errors: OrderError[]): readonly Spot[] {
  return (cloth?.spots ?? []).map((spot, index) => {
    const read = (key: keyof Spot, label: string, from: typeof readPositiveLength): Inches => {
      const result = from(spot[key], { path: `${path}.spots.${index}.${key}`, label, unit });
      if (!result.ok) errors.push(...result.issues);
      return result.ok ? result.value : 0;
    };
    return {
      across: read("across", "How far the spot lies from the selvedge", readSignedLength),
      down: read("down", "How far the spot lies from the end", readSignedLength),
      width: read("width", "The width of the spot", readPositiveLength),
      length: read("length", "The length of the spot", readPositiveLength),
    };
  });
}

function checkSizes({ width, length, repeat }: Cloth, path: string): readonly OrderError[] {
  const errors: OrderError[] = [];
  if (width < LEAST_WIDTH)
    errors.push({
      path: `${path}.width`,
      message: "The cloth is too narrow for any piece: give its width from selvedge to selvedge.",
      nearest: null,
    });
  if (repeat !== null && length !== null && repeat > length)
    errors.push({
      path: `${path}.repeat`,
      message: "The repeat is longer than the cloth: measure it from one motif to the next like it.",
      nearest: null,
    });
  return errors;
}

/** Reads one cloth; a field that is left out has its usual value. */
function readOne(cloth: TypedCloth | undefined, path: string, unit: Unit, fallback: Cloth): ClothReading {
  const errors: OrderError[] = [];
  const length = (key: "width" | "length" | "repeat", label: string): Inches | null => {
    const value = cloth?.[key];
    if (value === undefined) return null;
    const read = readPositiveLength(value, { path: `${path}.${key}`, label, unit });
    if (!read.ok) errors.push(...read.issues);
    return read.ok ? read.value : null;
  };
  const number = (key: "shrinkage" | "price", message: string, most: number): number | null => {
    const value = cloth?.[key];
    if (value === undefined) return null;
    const read = readNumber(value, `${path}.${key}`, message, most);
    if (typeof read === "number") return read;
    errors.push(read);
    return null;
  };
  const value: Cloth = {
    width: length("width", "The width of the cloth") ?? fallback.width,
    length: length("length", "The length of the cloth"),
    oneWay: cloth?.oneWay ?? false,
    shrinkage:
      number(
        "shrinkage",
        `Write what the wash takes in hundredths: 5 for 5 %, ${MOST_SHRINKAGE} at most.`,
        MOST_SHRINKAGE,
      ) ?? 0,
    repeat: length("repeat", "The repeat"),
    price: number("price", "Write the price as a number: 4.50", 1e6),
    spots: readSpots(cloth, path, unit, errors),
  };
  return { value, errors: [...errors, ...checkSizes(value, path)] };
}

/** The cloths of an order, each by itself; those that are not told are of the usual width. */
export function readCloths(
  order: Order,
  unit: Unit,
  metric: boolean,
): { readonly value: Readonly<Record<ClothId, Cloth>>; readonly errors: readonly OrderError[] } {
  const fallback = defaultCloth(metric);
  const read = clothIds.map((id) =>
    id === "main"
      ? readOne(order.cloth, "cloth", unit, fallback)
      : readOne(order.cloths?.[id], `cloths.${id}`, unit, fallback),
  );
  const value = Object.fromEntries(clothIds.map((id, index) => [id, read[index]?.value ?? fallback]));
  return { value: value as Record<ClothId, Cloth>, errors: read.flatMap(({ errors }) => errors) };
}
