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
