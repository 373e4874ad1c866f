import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { spelledName, type Known } from "./spelled.ts";

const NOTHING: Known = { cards: [], heard: [] };
const letters = fc.stringMatching(/^[a-z]{3,18}$/);

describe("a name that was spelled", () => {
  it.each([
    ["johnsmith", "John Smith"],
    ["laurawilson", "Laura Wilson"],
    ["smith", "Smith"],
    ["mary", "Mary"],
    ["jo", "Jo"],
  ])("%s is %s as it stands", (heard, name) => {
    expect(spelledName(heard, NOTHING)).toBe(name);
  });

  it("is made out though a letter was taken for one that sounds like it, heard twice, missed or put in", () => {
    expect(spelledName("davidmidchell", NOTHING)).toBe("David Mitchell");
    expect(spelledName("emilynitchell", NOTHING)).toBe("Emily Mitchell");
    expect(spelledName("laurracampbell", NOTHING)).toBe("Laura Campbell");
    expect(spelledName("lauracambell", NOTHING)).toBe("Laura Campbell");
    expect(spelledName("karkenmitchell", NOTHING)).toBe("Karen Mitchell");
  });

  it("is left as it was heard where it is near no name", () => {
    expect(spelledName("xqzwvk", NOTHING)).toBe("Xqzwvk");
    expect(spelledName("quillfeather", NOTHING)).toBe("Quillfeather");
  });

  it("has a gap after a given name that was heard, whatever the family name is", () => {
    expect(spelledName("pavelquillfeather", { ...NOTHING, heard: ["pavel", "quilt", "feather"] })).toBe("Pavel Quillfeather");
  });

  it("is helped by what was heard when it was said", () => {
    expect(spelledName("sarahpamilller", NOTHING)).not.toBe("Sarah Miller");
    expect(spelledName("sarahpamilller", { ...NOTHING, heard: ["seven", "miller"] })).toBe("Sarah Miller");
  });

  it("is a client's on a card where it is near it, and not where it is another's", () => {
    const cards = ["Cecily Zellwood", "Siobhán O'Kane"];
    expect(spelledName("cheilyzellwood", { cards, heard: [] })).toBe("Cecily Zellwood");
    expect(spelledName("siobhanokane", { cards, heard: [] })).toBe("Siobhán O'Kane");
    expect(spelledName("ursulazellwood", { cards, heard: [] })).not.toBe("Cecily Zellwood");
    expect(spelledName("cecilymarchbanks", { cards, heard: [] })).not.toContain("Zellwood");
  });

  it("is always some name, with capitals, and a card's own letters give that card", () => {
    fc.assert(
      fc.property(letters, (heard) => {
        const name = spelledName(heard, NOTHING);
        expect(name).toMatch(/^[A-Z][a-z]*(?: [A-Z][a-z]*)?$/);
        expect(
          spelledName(heard, { cards: [`Zz ${heard.slice(2)}`, `${heard.slice(0, 2)} ${heard.slice(2)}`], heard: [] })
            .replace(/ /g, "")
            .toLowerCase(),
        ).toBe(heard);
      }),
      { numRuns: 60 },
    );
  });
});
