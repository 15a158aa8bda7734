/** Layings of the tape and screens at most, by garment, of the craft page's table: default choices, any usual body. */
export const mostAtTable: Readonly<Record<string, readonly [number, number]>> = {
  "straight-dress": [20, 30],
  "shift-dress": [12, 20],
  "sheath-dress": [27, 37],
  "a-line-dress": [26, 37],
  "overlap-dress": [28, 39],
  "shirt-dress": [12, 20],
  "yoke-gown": [32, 47],
  // With its ruffle: one laying more than the page has of the body alone.
  "basque-gown": [26, 37],
  "lapel-dress": [23, 33],
  "basic-bodice": [23, 33],
  "armhole-bustier": [24, 36],
  "shoulder-bustier": [25, 37],
  "freehand-bustier": [23, 34],
  "flared-blouse": [27, 39],
  shirt: [24, 38],
  "pocket-shirt": [28, 40],
  // Not in the page's table: what they take, so that they do not grow.
  "tiered-dress": [24, 36],
  "pencil-skirt": [17, 28],
  "a-line-skirt": [17, 28],
  "mermaid-skirt": [19, 30],
  "ruched-skirt": [13, 22],
  "circle-skirt": [5, 12],
  "gathered-skirt": [1, 5],
  "tiered-skirt": [1, 5],
};
