import { describe, expect, it } from "vitest";
import { heldAt } from "../testing/held.ts";

/** Questions beside what is going on, and what only seems to be one, in words of no set. */

const tern = (...says: string[]) => heldAt("eighteenth", "ternbay", "web", ...says);
const sleep = (...says: string[]) => heldAt("seventeenth", "coolabah", "web", ...says);
const boats = (...says: string[]) => heldAt("eighteenth", "saltgrass", "web", ...says);
const hair = (...says: string[]) => heldAt("fifth", "mahoe", "web", ...says);

describe("a question about what is being booked", () => {
  it("is not answered by a line of another service", () => {
    const t = tern("my elbow seizes up whenever I lift a pan", "how long does that take", "and will it sting");
    expect(t.last).not.toMatch(/prick/);
    expect(tern("does it sting to be needled").last).toMatch(/prick/);
  });

  it("leaves the times where they are: one of them is taken next", () => {
    const asked = ["an hour's sports massage on Wednesday", "would a tattoo on my back be in the way"];
    expect(tern(...asked).state.expects).toBe("message");
    const t = tern(...asked, "the first one");
    expect(t.state.task).toMatchObject({ errand: "book", service: "sports-massage" });
    expect(t.state.expects).toBe("name");
    expect(t.slips).toHaveLength(0);
  });
});

describe("who they are", () => {
  it("names no service by a word in passing", () => {
    const t = boats("a first sail any day after Thursday, mornings", "Lou Marino, 03 5550 0143");
    expect(t.state.task).toMatchObject({ service: "taster" });
    expect(t.last).not.toMatch(/radio/i);
  });
});

describe("a machine of the house's", () => {
  it("is not whoever answers", () => {
    expect(sleep("how bulky is that machine").last).not.toMatch(/receptionist program/);
  });
});

describe("what ails a thing of theirs", () => {
  it("is for the service that it is of", () => {
    expect(sleep("the mask leaks at the chin").last).toMatch(/be for mask fitting\?/i);
  });
});

describe("a message for somebody", () => {
  it("is not answered by what a service is said to be", () => {
    const t = hair("could you tell Tui the colour came out green");
    expect(t.state.task).toMatchObject({ errand: "message" });
  });
});

describe("how something is called off", () => {
  it("is heard as wanting it", () => {
    expect(tern("how would I cancel").state.task).toMatchObject({ errand: "cancel" });
  });
});
