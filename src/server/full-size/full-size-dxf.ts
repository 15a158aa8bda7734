import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from "@tarikjabiri/dxf";
import { type CutSheet, drawAllFullSize, type FullSizeLine } from "@/core/formats";

const layers: Readonly<Record<FullSizeLine["kind"], string>> = {
  cut: "CUTTING_LINE",
  stitch: "STITCHING_LINE",
  fold: "FOLD",
  guide: "GUIDE_LINES",
  dart: "DARTS",
  crease: "FOLDED_NOT_CUT",
  trim: "TRIMMED_ON_ONE_SIDE",
  notch: "NOTCHES",
  square: "SQUARE_TO_MEASURE",
};

/** Every piece in full size for another drawing program: inches, up is up, a layer for each kind of line. */
export function writeDxf(sheet: CutSheet): string {
  const drawing = drawAllFullSize(sheet, 60);
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Inches);
  for (const layer of Object.values(layers)) dxf.addLayer(layer, Colors.White, "CONTINUOUS");
  dxf.addLayer("NAMES", Colors.White, "CONTINUOUS");
  for (const { kind, points, closed, arcs } of drawing.lines) {
    dxf.setCurrentLayerName(layers[kind]);
    // A bulge is the tangent of a quarter of the turn, against the clock; up is up there, so that every turn is the other way.
    const corners = arcs ?? points.map((point) => ({ point, sweep: 0 }));
    const vertices = corners.map(({ point: { x, y }, sweep }) => ({
      point: point2d(x, drawing.height - y),
      ...(sweep === 0 ? {} : { bulge: -Math.tan(sweep / 4) }),
    }));
    dxf.addLWPolyline(vertices, { flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None });
  }
  dxf.setCurrentLayerName("NAMES");
  for (const { text, at, height } of drawing.texts) {
    // A reader of this old format knows plain letters only.
    dxf.addText(point3d(at.x, drawing.height - at.y), height, text.replace(/[^\x20-\x7e]/g, "?"));
  }
  return dxf.stringify();
}
