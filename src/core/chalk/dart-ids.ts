/** What the darts of one waist are called in ids: the first plainly, the others by their number. */
export function dartNames(half: "front" | "back", index: number) {
  const number = index === 0 ? "" : `${index + 1}-`;
  return {
    dart: `${half}-${number}waist-dart`,
    line: `dart-${number}line`,
    inner: `dart-${number}inner`,
    outer: `dart-${number}outer`,
    peak: `dart-${number}peak`,
    tip: index === 0 ? "dart/tip" : `dart/tip-${index + 1}`,
  } as const;
}

/** The mark of a waist dart's tip. */
export function tipOf(dart: string): string {
  const number = /-(\d)-waist-dart$/.exec(dart)?.[1];
  return number === undefined ? "dart/tip" : `dart/tip-${number}`;
}

/** Whether a mark is only there to rule a dart's line through: it rounds no width and is rubbed out. */
export function isDartLine(mark: string): boolean {
  return /\/dart-(\d-)?line$/.test(mark);
}
