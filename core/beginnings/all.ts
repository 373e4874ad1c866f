import type { Beginning } from "./beginning.ts";
import { bicycles } from "./bicycles.ts";
import { driving } from "./driving.ts";
import { music } from "./music.ts";
import { nails } from "./nails.ts";
import { physiotherapy } from "./physiotherapy.ts";
import { vets } from "./vets.ts";

/** Handbooks to begin with, one a trade, each good enough to talk to at once. */
export const BEGINNINGS: readonly Beginning[] = [physiotherapy, nails, bicycles, music, vets, driving];
