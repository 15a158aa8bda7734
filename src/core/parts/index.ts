export { chalkFoldEdge, chalkZipHollow, chalkZipSeam, hollowGivenBack, openingChoices } from "./centre-back";
export { chalkNeck, drawNeck, neckChoices, type NeckShape } from "./necklines";
