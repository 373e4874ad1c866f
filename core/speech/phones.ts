/** The sounds of the English recogniser's dictionary (ARPAbet, without stress), by the signs of the IPA. */
const SOUNDS: [string, string][] = [
  ["aɪə", "AY AH"],
  ["aʊɚ", "AW ER"],
  ["ɛɹ", "EH R"],
  ["eɪ", "EY"],
  ["aɪ", "AY"],
  ["ɔɪ", "OY"],
  ["aʊ", "AW"],
  ["oʊ", "OW"],
  ["əʊ", "OW"],
  ["ɪə", "IH R"],
  ["ʊɹ", "UH R"],
  ["tʃ", "CH"],
  ["dʒ", "JH"],
  ["ɜː", "ER"],
  ["əl", "AH L"],
  ["n̩", "AH N"],
  ["l̩", "AH L"],
  ["iː", "IY"],
  ["uː", "UW"],
  ["ɑː", "AA"],
  ["ɔː", "AO"],
  ["oː", "AO"],
  ["ɐ", "AH"],
  ["a", "AE"],
  ["æ", "AE"],
  ["ɑ", "AA"],
  ["ɒ", "AA"],
  ["ɔ", "AO"],
  ["o", "OW"],
  ["e", "EH"],
  ["ɛ", "EH"],
  ["ɚ", "ER"],
  ["ɝ", "ER"],
  ["ə", "AH"],
  ["ʌ", "AH"],
  ["ɪ", "IH"],
  ["i", "IY"],
  ["ᵻ", "IH"],
  ["ʊ", "UH"],
  ["u", "UW"],
  ["y", "Y UW"],
  ["b", "B"],
  ["d", "D"],
  ["f", "F"],
  ["ɡ", "G"],
  ["g", "G"],
  ["h", "HH"],
  ["j", "Y"],
  ["k", "K"],
  ["l", "L"],
  ["ɫ", "L"],
  ["m", "M"],
  ["n", "N"],
  ["ŋ", "NG"],
  ["p", "P"],
  ["ɹ", "R"],
  ["r", "R"],
  ["s", "S"],
  ["ʃ", "SH"],
  ["t", "T"],
  ["ɾ", "T"],
  ["ʔ", "T"],
  ["θ", "TH"],
  ["ð", "DH"],
  ["v", "V"],
  ["w", "W"],
  ["x", "K"],
  ["ç", "HH"],
  ["z", "Z"],
  ["ʒ", "ZH"],
];

/** Marks of stress, length, joining and pauses, which the recogniser's sounds do not have. */
const MARKS = /[ˈˌː‍͡\s.,_|-]/u;

/**
 * A pronunciation in the recogniser's sounds ("P R IY AH"), from one in the signs of the IPA ("pɹˈiə"). Null where
 * nothing of it can be spoken. Signs that are unknown are passed over.
 */
export function phonesOf(ipa: string): string | null {
  const text = ipa.normalize("NFC").replace(/[ˈˌ‍͡]/gu, "");
  const out: string[] = [];
  for (let i = 0; i < text.length;) {
    const hit = SOUNDS.find(([sign]) => text.startsWith(sign, i));
    if (hit) {
      out.push(hit[1]);
      i += hit[0].length;
    } else {
      i++;
      if (!MARKS.test(text[i - 1] as string)) continue;
    }
  }
  const joined = out.join(" ");
  return joined === "" ? null : joined;
}

/** Sounds that glide from one into another, which the model knows from few words, said as the two that they are made of. */
const GLIDES: readonly [RegExp, string][] = [
  [/\bOY\b/g, "AO IH"],
  [/\bAW\b/g, "AE UH"],
];

/** A second way to say a word that has such a sound, in the same notation; none where it has none. */
export function glided(phones: string): string[] {
  const apart = GLIDES.reduce((p, [sound, two]) => p.replace(sound, two), phones);
  return apart === phones ? [] : [apart];
}

/** The shortest word that another may be made of. */
const PART = 4;

/**
 * How a word is spoken that is made of others: "physiotherapy" as physio and therapy, "Joaquim's" as Joaquim with an s.
 * None where it is not. `known` tells how a word is spoken, in ARPAbet, each way.
 */
export function ofParts(word: string, known: (word: string) => readonly string[] | undefined): string[] {
  const owner = /^(.{2,})'s$/.exec(word)?.[1];
  if (owner !== undefined)
    return (known(owner) ?? []).map((p) => `${p} ${/\b(?:S|Z|SH|ZH|CH|JH)$/.test(p) ? "IH Z" : /\b(?:P|T|K|F|TH)$/.test(p) ? "S" : "Z"}`);
  for (let cut = word.length - PART; cut >= PART; cut--) {
    const [a, b] = [known(word.slice(0, cut))?.[0], known(word.slice(cut))?.[0]];
    if (a !== undefined && b !== undefined) return [`${a} ${b}`];
  }
  return [];
}
