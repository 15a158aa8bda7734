import { describe, expect, it } from "vitest";
import { bringParts, garments } from "../garments";
import { bringRooms, room } from "./rooms.browser";

// In this order: what was brought once stays for the whole visit.
describe("what chalks a part, in a browser", () => {
  it("says what was not brought, instead of drawing without it", () =>
    expect(() => room("skirt")).toThrow("skirt was not brought"));
  it("brings what is asked, once", async () => {
    const coming = bringRooms(["body"]);
    expect(coming).toBeInstanceOf(Promise);
    expect(bringRooms(["body"])).toBe(coming);
    await coming;
    expect(bringRooms(["body"])).toBeNull();
    expect(room("body").chalkBody).toBeTypeOf("function");
    expect(() => room("skirt")).toThrow();
  });
  it("brings only what is missing of several", async () => {
    await bringRooms(["body", "skirt"]);
    expect(room("skirt").chalkSkirtUnderBody).toBeTypeOf("function");
  });
  it("has everything at hand elsewhere", () =>
    expect(bringParts([{ garment: "basic-bodice", choices: { skirt: "circle" } }])).toBeNull());
});

it("a garment says which rooms it is chalked in: a skirt's only where one hangs", () => {
  const rooms = (id: string, choices = {}) => garments.find((garment) => garment.id === id)?.rooms(choices);
  expect(rooms("basic-bodice")).toEqual(["body"]);
  expect(rooms("basic-bodice", { skirt: "circle" })).toEqual(["body", "skirt"]);
  expect(rooms("tiered-dress")).toEqual(["body", "skirt"]);
  expect(rooms("tiered-dress", { skirt: "none" })).toEqual(["body"]);
  expect(rooms("circle-skirt")).toEqual(["skirt"]);
});
