import type { Inches } from "../length";
import type { MeasurementId } from "./catalogue";
import type { DoubtCode } from "./doubt";
import type { FigureKind } from "./figures";

/** Two readings of one card that seldom go together. */
export interface PairRule {
  readonly code: DoubtCode;
  /** The one to take again first. */
  readonly first: MeasurementId;
  readonly second: MeasurementId;
  readonly isOdd: (first: Inches, second: Inches) => boolean;
}

/** How readings of one kind of figure go together; `usual` numbers in inches and shares of the chest. */
interface Build {
  readonly waistOverChest: Inches;
  readonly hipUnderWaist: Inches;
  readonly shoulderShare: number;
  readonly armholeShare: readonly [number, number];
}

function girthRules({ waistOverChest, hipUnderWaist, shoulderShare, armholeShare }: Build): readonly PairRule[] {
  const [least, most] = armholeShare;
  return [
    {
      code: "waist-far-over-bust",
      first: "waist",
      second: "bust",
      isOdd: (waist, bust) => waist > bust + waistOverChest,
    },
    { code: "hip-far-under-waist", first: "hip", second: "waist", isOdd: (hip, waist) => hip < waist - hipUnderWaist },
    {
      code: "shoulder-wide-for-bust",
      first: "shoulder",
      second: "bust",
      isOdd: (shoulder, bust) => shoulder > bust * shoulderShare,
    },
    {
      code: "armhole-odd-for-bust",
      first: "armhole",
      second: "bust",
      isOdd: (armhole, bust) => armhole < bust * least || armhole > bust * most,
    },
  ];
}

const ofArms: readonly PairRule[] = [
  {
    code: "upper-arm-close-to-armhole",
    first: "upperArm",
    second: "armhole",
    isOdd: (arm, armhole) => arm > armhole - 1,
  },
  { code: "wrist-over-elbow", first: "wrist", second: "elbow", isOdd: (wrist, elbow) => wrist > elbow },
];

const ofABust: readonly PairRule[] = [
  {
    code: "underbust-not-below-bust",
    first: "underbust",
    second: "bust",
    isOdd: (underbust, bust) => underbust >= bust,
  },
  {
    code: "bust-far-over-underbust",
    first: "bust",
    second: "underbust",
    isOdd: (bust, underbust) => bust - underbust > 11,
  },
  {
    code: "bust-point-not-above-underbust",
    first: "shoulderToBust",
    second: "shoulderToUnderbust",
    isOdd: (point, under) => point >= under,
  },
  { code: "span-wide-for-bust", first: "bustSpan", second: "bust", isOdd: (span, bust) => span > bust / 3.6 },
  { code: "span-narrow-for-bust", first: "bustSpan", second: "bust", isOdd: (span, bust) => span < bust / 6.5 },
  { code: "front-shorter-than-back", first: "frontWaist", second: "backWaist", isOdd: (front, back) => front < back },
];

/** What seldom goes together on each kind of figure (craft: measuring, "Doubtful readings" and "Figure kind"). */
export const pairRules: Readonly<Record<FigureKind, readonly PairRule[]>> = {
  woman: [
    ...ofABust,
    ...girthRules({ waistOverChest: 8, hipUnderWaist: 4, shoulderShare: 1 / 2, armholeShare: [0.36, 0.56] }),
    ...ofArms,
  ],
  man: [
    ...girthRules({ waistOverChest: 8, hipUnderWaist: 8, shoulderShare: 0.56, armholeShare: [0.38, 0.58] }),
    { code: "front-far-over-back", first: "frontWaist", second: "backWaist", isOdd: (front, back) => front > back + 1 },
    ...ofArms,
  ],
  child: [
    ...girthRules({ waistOverChest: 3, hipUnderWaist: 2, shoulderShare: 0.58, armholeShare: [0.38, 0.58] }),
    ...ofArms,
  ],
};
