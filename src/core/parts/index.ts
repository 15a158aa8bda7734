export { chalkFoldEdge, chalkZipHollow, chalkZipSeam, hollowGivenBack, openingChoices } from "./centre-back";
export { chalkNeck, drawNeck, type NeckShape, neckChoices } from "./necklines";
