export { curveBetween, HANDLE, hollowLine, type SideSeamPoints, sideSeam } from "./curves";
export { type Dot, dotsAlong } from "./dots";
export { areaOutside, isSimple } from "./inside";
export {
  crossAtDepth,
  flattenPath,
  lengthToDepth,
  type PlaceOnPath,
  pathLength,
  placeAtLength,
} from "./measure";
export { cutOutline, type OutlineEdge, polygonArea } from "./outline";
export {
  type CubicSegment,
  cubicTo,
  isStraight,
  joinPaths,
  type LineSegment,
  lineTo,
  mapPath,
  movePath,
  type Path,
  pathEnd,
  reversePath,
  type Segment,
  straight,
  withStarts,
} from "./path";
export {
  add,
  at,
  cross,
  type Direction,
  directionFrom,
  distance,
  dot,
  leftOf,
  type Point,
  rightOf,
  scale,
  subtract,
} from "./point";
export { toPathData, toPolygonData } from "./svg";
