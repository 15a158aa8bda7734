import { Colors, DxfWriter, LWPolylineFlags, point2d, point3d, Units } from "@tarikjabiri/dxf";
import { type CutSheet, drawAllFullSize, type FullSizeLine } from "@/core/formats";

const layers: Readonly<Record<FullSizeLine["kind"], string>> = {
  cut: "CUTTING_LINE",
  stitch: "STITCHING_LINE",
  fold: "FOLD",
  guide: "GUIDE_LINES",
  dart: "DARTS",
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
  for (const { kind, points, closed } of drawing.lines) {
    dxf.setCurrentLayerName(layers[kind]);
    const vertices = points.map(({ x, y }) => ({ point: point2d(x, drawing.height - y) }));
    dxf.addLWPolyline(vertices, { flags: closed ? LWPolylineFlags.Closed : LWPolylineFlags.None });
  }
  dxf.setCurrentLayerName("NAMES");
  for (const { text, at, height } of drawing.texts) {
    // A reader of this old format knows plain letters only.
    dxf.addText(point3d(at.x, drawing.height - at.y), height, text.replace(/[^\x20-\x7e]/g, "?"));
  }
  return dxf.stringify();
}
