/** The voices that ship with the system: which program speaks, under which name there, and how high it is by itself. */
export const VOICES = {
  clara: { engine: "flite", id: "slt", language: "en-US", says: "a woman, calm", pitchHz: 172 },
  ronan: { engine: "flite", id: "rms", language: "en-US", says: "a man, clear", pitchHz: 98 },
  angus: { engine: "flite", id: "awb", language: "en-GB", says: "a man from Scotland", pitchHz: 120 },
  edith: { engine: "espeak-ng", id: "en-us+f3", language: "en-US", says: "a woman, bright, more like a machine", pitchHz: 180 },
  percy: { engine: "espeak-ng", id: "en-gb", language: "en-GB", says: "a man, more like a machine", pitchHz: 110 },
  odette: { engine: "espeak-ng", id: "fr-fr+f3", language: "fr-FR", says: "a woman, French, more like a machine", pitchHz: 180 },
} as const;

export type VoiceName = keyof typeof VOICES;
export const VOICE_NAMES = Object.keys(VOICES) as [VoiceName, ...VoiceName[]];
