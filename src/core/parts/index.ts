export { chalkFoldEdge, chalkZipHollow, chalkZipSeam, hollowGivenBack, openingChoices } from "./centre-back";
export { chalkDartlessDress, dartlessDressChoices, dartlessDressNeeds, dartlessDressRules } from "./dartless-dress";
export { chalkNeck, drawNeck, type NeckShape, neckChoices } from "./necklines";
