import { expect, it } from "vitest";
import { workedSheet } from "@/core/garments/worked-client.test-data";
import { frameGroup } from "./cloth-frame";
import { frameStep } from "./frame-step";

const framed = (id: string, worked: object = {}) => {
  const sheet = workedSheet(id, worked);
  return sheet.groups.map((group) => {
    const frame = frameGroup(sheet, group);
    if (frame === null) throw new Error(`no cloth for ${group.id}`);
    return { frame, steps: sheet.steps.filter(({ piece }) => group.pieces.includes(piece ?? "")) };
  });
};

it.each([1, 0.75, 0.7, 0.5, 0.3])("what the tape is swung from lies on the cloth of %s of a circle", (circleShare) => {
  const [ring] = framed("circle-skirt", { choices: { circleShare } });
  expect(ring?.frame.top).toBeLessThanOrEqual(-0.4);
  expect(ring?.frame.bottom).toBeGreaterThan(20);
});

it.each(["sheath-dress", "circle-skirt", "tiered-dress", "mermaid-skirt"])(
  "close to any step of a %s the view is as wide as the cloth, inside it, and cuts no sliver off",
  (id) => {
    for (const { frame, steps } of framed(id))
      for (const step of steps) {
        const view = frameStep(frame, step);
        expect(view.width).toBe(frame.view.width);
        expect(view.top).toBeGreaterThanOrEqual(frame.view.top);
        expect(view.top + view.height).toBeLessThanOrEqual(frame.view.top + frame.view.height + 1e-9);
        if (view.height < frame.view.height) expect(view.height).toBeLessThanOrEqual(0.8 * frame.view.height);
      }
  },
);

it("is really closer on a dress: less than all of it, with the step's depth in sight", () => {
  const [front] = framed("sheath-dress");
  const hip = front?.steps.find(({ id }) => id.includes("hip"));
  if (front === undefined || hip === undefined) throw new Error("no hip to look at");
  expect(frameStep(front.frame, hip).height).toBeLessThan(0.8 * front.frame.view.height);
});
