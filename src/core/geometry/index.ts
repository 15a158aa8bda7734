export { type ArcSegment, arcTo } from "./arc";
export { pathBeside } from "./beside";
export { type Box, boxOf } from "./box";
export {
  bowedCurve,
  curveBetween,
  HANDLE,
  hollowLine,
  leaningLine,
  meetingCurve,
  roundCorner,
  type SideSeamPoints,
  STEEP,
  sideSeam,
  steepness,
} from "./curves";
export { type Dot, dotsAlong } from "./dots";
export { areaOutside, crossingsAt, distanceOutside, isSimple, overlapBeside } from "./inside";
export {
  crossAtDepth,
  crossPath,
  distanceToPath,
  flattenPath,
  lengthToAcross,
  lengthToDepth,
  liesNear,
  meetCircles,
  nearPath,
  type PlaceOnPath,
  pathLength,
  placeAtLength,
} from "./measure";
export { cutLine, cutOutline, type OutlineEdge, polygonArea } from "./outline";
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
  turnPath,
  withStarts,
} from "./path";
export {
  add,
  angleBetween,
  at,
  cross,
  type Direction,
  directionFrom,
  distance,
  dot,
  leftOf,
  meetLines,
  type Point,
  type Radians,
  rightOf,
  scale,
  subtract,
  turnPoint,
} from "./point";
export { growOutline, joinOutlines, sharedArea } from "./polygons";
export { solveRising } from "./solve";
export { splitAtAcross, splitAtDepth, splitAtLength } from "./split";
export {
  moveBy,
  type RigidMove,
  type Sector,
  type SmoothEdge,
  type Spread,
  type SpreadLine,
  type SpreadPlan,
  smoothOver,
  spreadAngle,
  spreadPiece,
  spreadSectors,
} from "./spread";
export { readPathData, toPathData, toPolygonData } from "./svg";
