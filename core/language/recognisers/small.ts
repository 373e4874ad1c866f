import type { Moment } from "../context.ts";
import type { ChoiceValue, Found, ShiftValue } from "../found.ts";
import type { House } from "../../house/compile.ts";
import { CARDINALS } from "../packs/en/words.ts";
import { eachMatch, type Said } from "../text.ts";

const num = (w: string): number => (/^\d+$/.test(w) ? Number(w) : (CARDINALS[w] ?? 0));

const TENS: Record<string, number> = { twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, seventy: 70, eighty: 80, ninety: 90 };
/** Minutes that a visit may last, in words: "fifteen", "forty-five", "eighty". */
const SPELLED = `(?:${Object.keys(TENS).join("|")})(?:[ -](?:one|two|three|four|five|six|seven|eight|nine))?|(?:a |one )?hundred(?: and (?:ten|twenty))?|fifteen`;
const MINUTES = new RegExp(
  `\\b(\\d{2,3}|${SPELLED})[ -]?(?:-?minutes?|mins?|minuter?)\\b(?! (?:later|earlier|late|before|after|ago|early|away|walk|drive|behind))`,
  "g",
);

/** How many minutes a number stands for, in figures or in words. */
function minutesOf(words: string): number {
  if (/^\d/.test(words)) return Number(words);
  return words
    .split(/[ -]/)
    .reduce((sum, w) => sum + (w === "hundred" ? 100 : (TENS[w] ?? (/^(?:a|and|one)$/.test(w) && /hundred/.test(words) ? 0 : num(w)))), 0);
}

/** Finds lengths of a visit: "an hour", "90 minutes", "the long one". */
export function lengths(said: Said, at: Moment): Found[] {
  const out: Found[] = [];
  const add = (m: RegExpMatchArray, value: number | "long" | "short", rule: string): void => {
    out.push({ kind: "length", value, rule, start: m.index ?? 0, end: (m.index ?? 0) + m[0].length });
  };
  for (const m of eachMatch(
    /\b(?:(?:an? |one )?hour and a half|(?:one|1) and a half hours?|1\.5 ?(?:h|hrs?|hours?)|an? hour and (?:thirty|30)(?: minutes)?)\b/g,
    said.norm,
  ))
    add(m, 90, "length/hour-and-half");
  for (const m of eachMatch(/\b(?:an? )?half(?: an|-an| a)?[ -]hours?\b(?! (?:later|late|sooner|earlier|early|before|after|ago))/g, said.norm))
    add(m, 30, "length/half-hour");
  for (const m of eachMatch(/\b(?:three[ -]quarters? of an hour|three[ -]quarter hour)\b/g, said.norm)) add(m, 45, "length/three-quarters");
  for (const m of eachMatch(
    /(?<!quarters? of )\b(?:(a|an|one|two|three|four|full)(?: full)?[ -](?:hours?|hrs?)|([1-4])[ -]?(?:hours?|hrs?|h))\b(?! (?:later|late|sooner|early|earlier|before|after|ago|and a half|notice|or (?:so|two)))/g,
    said.norm,
  ))
    add(m, ({ two: 2, three: 3, four: 4 }[m[1] ?? ""] ?? Number(m[2] ?? 1)) * 60, "length/hours");
  for (const m of eachMatch(MINUTES, said.norm)) add(m, minutesOf(m[1] as string), "length/minutes");
  // "A half day" is as long as the longest that lasts about that here.
  const halfDay = Math.max(0, ...at.house.handbook.services.flatMap((s) => s.variants.map((v) => v.lengthMin)).filter((l) => l >= 180 && l <= 300));
  if (halfDay > 0) for (const m of eachMatch(/\b(?:half[ -](?:an? )?day|half of (?:a|the) day)\b/g, said.norm)) add(m, halfDay, "length/half-day");
  // "The next free hour".
  for (const m of eachMatch(/(?<=\b(?:next|first) (?:free|open|available) )(half[ -])?hour\b/g, said.norm)) add(m, m[1] ? 30 : 60, "length/hours");
  // "For 60", "make it 90": a bare number that is the length of something here.
  for (const m of eachMatch(/\b(?:for|make it|make that|rather|the) (\d{2,3})(?= *(?:$|[,.;!]|please\b|then\b|with\b|on\b|no\b))/g, said.norm))
    if (at.house.handbook.services.some((s) => s.variants.length > 1 && s.variants.some((v) => v.lengthMin === Number(m[1]))))
      add(m, Number(m[1]), "length/bare-number");
  for (const m of eachMatch(
    /\b(?:(?:make it|just|take|want|have|do|for) )the (?:full )?hour\b|\bthe (?:one[- ]hour|hour)(?: one| version| session)\b/g,
    said.norm,
  ))
    add(m, 60, "length/the-hour");
  // "How much is the hour", "ok, the hour", and a bare "hour" at the end of a list.
  for (const m of eachMatch(/(?<!\b(?:an?|one|two|half|quarter of an) )\bhour(?= of (?!the day))/g, said.norm)) add(m, 60, "length/the-hour");
  for (const m of eachMatch(/\b(?:is|for|ok(?:ay)?,?|then) the (?:full )?hour\b|,\s*(?:one |an |full |the )?hour(?=\s*(?:,|\W*$))/g, said.norm))
    add(m, 60, "length/the-hour");
  for (const m of eachMatch(/\bthe (long(?:er|est)?|short(?:er|est)?)(?: (?:one|version|session|massage))\b/g, said.norm))
    add(m, (m[1] as string).startsWith("long") ? "long" : "short", "length/long-short");
  // "What's the shortest you do", asked how long.
  const most = at.expects === "length" && out.length === 0 ? /\bthe (short|long)est\b/.exec(said.norm) : null;
  if (most)
    out.push({ kind: "length", value: most[1] === "long" ? "long" : "short", rule: "length/long-short", start: most.index, end: most.index + most[0].length });
  if (at.expects === "length" && out.length === 0) {
    const bare =
      /^(?:the |um |uh |just |maybe |make it |i think |ok(?:ay)?,? |right,? |then |so |well,? )*(\d{2,3}|thirty|sixty|ninety|forty[- ]five|(?:full |one )?hour|long(?:er|est)?|short(?:er|est)?)(?: one| option)?(?:'s| is)?(?: you have| there is)?(?:,? please|,? thanks| is fine| fine| enough| okay| ok| good| then| i guess| i think| i suppose| maybe)*[.!]?$/.exec(
        said.norm.trim(),
      );
    if (bare) {
      const w = bare[1] as string;
      const value = w.startsWith("long")
        ? "long"
        : w.startsWith("short")
          ? "short"
          : /hour/.test(w)
            ? 60
            : ({ thirty: 30, sixty: 60, ninety: 90, "forty five": 45, "forty-five": 45 }[w] ?? Number(w));
      const start = said.norm.indexOf(w);
      out.push({ kind: "length", value, rule: "length/asked", start, end: start + w.length });
    }
  }
  return out
    .filter((f, i) => !out.some((o, k) => k !== i && o.start <= f.start && f.end <= o.end && (o.end - o.start > f.end - f.start || k < i)))
    .map((f): Found => {
      const change = changes(said.norm.slice(Math.max(0, f.start - 40), f.start), said.norm.slice(f.end, f.end + 16));
      return change ? { ...f, rule: change } : f;
    });
}

/** By how much something is to be longer or shorter than it is: "half an hour longer", "add another half hour", "extend it by". */
function changes(before: string, after: string): "length/longer-by" | "length/shorter-by" | null {
  if (/^\s*(?:shorter|less)\b/.test(after) || /\b(?:shorten|shorter)\b[^.;?!]* by\s+$/.test(before)) return "length/shorter-by";
  return /^\s*(?:longer|more|extra|on top)\b/.test(after) ||
    /\b(?:add|adding|tack on|(?:extend|lengthen|prolong|longer)\b[^.;?!]* by)\s+(?:an? |another )?(?:extra |additional |more )?$/.test(before) ||
    /\b(?:extra|additional)\s+$/.test(before)
    ? "length/longer-by"
    : null;
}

const BARE = `(\\d{2,3}|${SPELLED})`;
const BARE_BEFORE = new RegExp(`(?<![\\d:/.,-])\\b${BARE} (?:of |for )?(?:the |a )?$`);
const BARE_AFTER = new RegExp(
  `^(?: massage| lesson| one| session| class| appointment)?,? (?:the |of |for )?${BARE}(?= *(?:$|[,.;!?]|with\\b|on\\b|please|at\\b|\\w+day\\b))`,
);

/** Bare numbers beside a service that are one of its lengths: "90 deep tissue", "Swedish, sixty". */
export function lengthsOfServices(said: Said, house: House, offered: readonly Found[], taken: readonly Found[]): Found[] {
  for (const f of offered) {
    if (f.kind !== "service") continue;
    const own = new Set(f.value.flatMap((id) => house.services.get(id)?.variants.map((v) => v.lengthMin) ?? []));
    const before = BARE_BEFORE.exec(said.norm.slice(0, f.start));
    const after = BARE_AFTER.exec(said.norm.slice(f.end));
    for (const [m, from] of [
      [before, 0],
      [after, f.end],
    ] as const) {
      if (!m) continue;
      const value = minutesOf(m[1] as string);
      const start = from + m.index + m[0].indexOf(m[1] as string);
      const end = start + (m[1] as string).length;
      if (own.has(value) && !taken.some((t) => t.start < end && start < t.end)) return [{ kind: "length", value, rule: "length/of-service", start, end }];
    }
  }
  return [];
}

/** A yes that takes itself back: "ok then leave it", "yes, but not that one". */
const TAKEN_BACK =
  /\b(?:leave it|keep it|keep mine|as it is|as it was|forget it|never ?mind|(?:don't|do not)(?=\W*$|[,.!;]| (?:do|book|bother|move|cancel|change|go|take|keep|want|think|like|make|put)\b)|i'll come|i will come|not now|rather not|changed my mind|no longer)\b/;

const YES =
  /^(?:(?:oh|um+|uh|well|ah|ok(?:ay)?|hm+|and)[,.]? )*(?:yes|yep|yeah|yup|yea|ya|yas|y(?=\W*$)|sure(?: thing)?|ok(?:ay)?|k|kk|correct|right|exactly|absolutely|definitely|of course|certainly|indeed|perfect|great|grand(?: so)?|chur|righto|too easy|sweet(?: as)?|fine|lovely|wonderful|excellent|brilliant|good|super|cool|deal|done|(?:hell|heck|oh) (?:yes|yeah)|agreed|affirmative|i (?:do|am|have|did|might)(?= ?(?:$|[.,!]|indeed|yes|so\b))|i think so|(?:i'm |i am )?afraid so|ja|please do|please(?=[.,!]|$)|go (?:ahead|for it|on)|go(?=[.,!]*$)|take it|do (?:it|that|so)|book (?:it|that|me in)|sounds? (?:good|great|fine|perfect|right|lovely)|that(?:'ll| will| would|ll) (?:work|do|suit)|lock (?:it|that|me) in|that(?:'s| is| one is|'ll be| will be| would be|ll be) (?:right|correct|good|fine|great|perfect|it|me|ok(?:ay)?|lovely|the one)|too right|aye|go on so|spot on|that (?:works|does it|suits)(?: for me)?|that one(?:'s| is)? (?:fine|good|great|works)|that one(?= ?(?:$|[.,!]|please|then|thanks))|works for me|looks (?:good|right)|it is|all good|no problem|confirm(?:ed)?|all right|alright|why not|suits me|let's do (?:it|that)|let's go|you bet|uh[- ]huh|yup|by all means|please go ahead|get on with it)\b/;
const SAYS_NO_AFTER =
  /^(?:[.,!;]? ?(?:then|well|so|but|in that case|hm+|um+|uh|thanks|thank you|maybe|i think|i guess|rather|please))*[.,!;]? (?:no|nah|nope|not|don't|do not|let's not|i'd rather not)\b(?! (?:problem|worries|need|rush|hurry|matter|bother|a problem|bad|preference|one|later than|before|after|until|too|on|at|in the|with|tomorrow|today|(?:mon|tues|wednes|thurs|fri|satur|sun)day))/;
const NO =
  /^(?:(?:oh|um+|uh|well|ah|hm+|actually|sorry)[,.]? )*(?:(?:i'm |i am )?not (?:so |too |really |quite )?sure(?! (?:what|when|which|how|who|whether|if|about))|no(?! preference| one\b| matter| problem| rush| (?:phone|email|number|mobile|cell)\b)|n(?=\W*$)|nope|nah|naw|not (?:really|yet|now|at all|that i know(?: of)?|today|quite|for me|right)|never(?! (?:[a-z]{2,}(?:ed|en)|had|did|done|swam|swum|rode|sat|went|took|ran|learnt)\b)|none|negative|i'd rather not|i would rather not|rather not|(?:i'm |i am )?afraid not|i don't(?! have| know| (?:really |actually )?mind| (?:really )?care| want| need)(?: think so)?|i haven't|i'm not|i am not|i didn't|i won't|hang on|hold on|wait|don't|do not|stop|that's (?:not|wrong)|that is (?:not|wrong)|oh,? then no|wrong|incorrect|it's (?:not|wrong)|cancel that|forget (?:it|that)|never ?mind|nothing(?: else)?(?! (?:earlier|later|sooner|before|after|on|at|in|else (?:on|at|in)|any|till|until|free)\b)|that's (?:all|it|everything)|that (?:was|is) (?:all|it|everything))\b/;

/** A plain yes or no at the end of a sentence that began with something else. */
const AT_THE_END =
  /\s(?:(?<yes>yes|yep|yeah|exactly|absolutely|definitely|perfect|all good|that works|sounds (?:good|great|fine)|go ahead|please do|do it|let's do (?:it|that)|book it)(?: please| thanks| thank you)?|(?:no|nope|nah)(?: please| thanks| thank you| sorry)?|no not (?:really|at all)(?: sorry)?|not (?:really|at all)(?: sorry)?|i don't think so(?: sorry)?|i'm afraid not)[.! ]*$/;

/** Finds a yes or a no at the head of what was said, and where one is waited for at its end. */
export function yesNo(said: Said, at: Moment): Found[] {
  const head = yesNoAtHead(said, at.expects === "service");
  if (head.length > 0) return head;
  // "Has anybody opened it?" – "nobody has touched it".
  const nobody = at.expects?.startsWith("question:")
    ? /^(?:(?:no,?|well,?|oh,?) )*(?:nobody|no one|no-one)\b(?! (?:but|except|knows))/.exec(said.norm.trim())
    : null;
  if (nobody) return [{ kind: "yes", value: false, rule: "yes/nobody", start: 0, end: nobody[0].length }];
  // Spoken words have no full stops: "my friend told me nice things about you no thanks".
  const end = at.expects === "go-ahead" || at.expects?.endsWith("-check") ? AT_THE_END.exec(said.norm) : null;
  if (end && !/[,.?]/.test(said.norm.slice(0, -1))) {
    const start = end.index + 1;
    return [{ kind: "yes", value: end.groups?.["yes"] !== undefined, rule: "yes/at-the-end", start, end: said.norm.length }];
  }
  // After a remark of something else, the last sentence answers: "It's been a long week. That works."
  const tail = /[.!]\s+(?=[^.!?]+[.!]?\s*$)/.exec(said.norm);
  if (!tail || /\?/.test(said.norm)) return [];
  const cut = tail.index + tail[0].length;
  if (said.norm.slice(cut).trim().split(/\s+/).length > 7) return [];
  return yesNoAtHead({ ...said, norm: said.norm.slice(cut) }).map((f) => ({ ...f, start: f.start + cut, end: f.end + cut }));
}

function yesNoAtHead(said: Said, tentative = false): Found[] {
  const lead = said.norm.length - said.norm.trimStart().length;
  const text = said.norm.trim();
  const no = NO.exec(text);
  // "No problem" and "no, that's fine" agree; "that's all" ends.
  const friendly = /^(?:no (?:problem|worries)|no,? (?:that's|that is|it's) (?:right|correct|fine|good|ok(?:ay)?|perfect)\b)/.exec(text);
  if (/^(?:oh )?(?:god|heavens|hell|lord|goodness),? no\b|^absolutely not\b|^certainly not\b|^no way\b/.test(text))
    return [{ kind: "yes", value: false, rule: "yes/no", start: lead, end: lead + text.length }];
  if (friendly) return [{ kind: "yes", value: true, rule: "yes/no-problem", start: lead, end: lead + friendly[0].length }];
  if (
    no &&
    /^(?:oh,? |um,? )?(?:no,? |ok(?:ay)?,? |yes,? |yeah,? )?(?:wait|hang on|hold on|stop)\b/.test(text) &&
    (/[,.]? (?:what|when|where|who|which|how|is|are|was|do|does|did|can|could|will)\b.*\?\s*$/.test(text) ||
      /\b(?:wait|hang on|hold on|stop)[,.]? (?:so |but )?(?:what|when|where|who|which|how|is|are|was|do(?! not)|does|did|can|could)\b/.test(text))
  )
    return [];
  if (no) return [{ kind: "yes", value: false, rule: "yes/no", start: lead, end: lead + no[0].length }];
  const yes = YES.exec(text);
  const back = TAKEN_BACK.exec(text);
  if (back && !/\bdon't (?:really |actually |much )?(?:mind|know|worry|have|need|care)\b/.test(text) && text.split(" ").length <= 9)
    return [{ kind: "yes", value: false, rule: "yes/taken-back", start: lead + back.index, end: lead + back.index + back[0].length }];
  // "Ok then no", "right, don't": what begins like a yes says no.
  if (yes && SAYS_NO_AFTER.test(text.slice(yes[0].length)))
    return [{ kind: "yes", value: false, rule: "yes/taken-back", start: lead, end: lead + text.length }];
  // "Yes… actually no, cancel that" is a no; "wait, when was it?" is neither.
  if (yes && /^(?:[.,]? (?:nah|nope)\b|.{0,20}?[.,!;]?\s*(?:(?:actually|oh|wait|sorry|hm+|or)[, ]+)+no\b)/.test(text.slice(yes[0].length)))
    return [{ kind: "yes", value: false, rule: "yes/taken-back", start: lead, end: lead + text.length }];
  if (/^(?:yeah,? |well,? |ok,? )?i (?:suppose|guess|think)(?: so| that's fine| it is)?\W*$/.test(text))
    return [{ kind: "yes", value: true, rule: "yes/so-to-say", start: lead, end: lead + text.length }];
  // Asked whether something is meant: "could be".
  if (
    tentative &&
    /^(?:(?:well|yeah|hm+|yes),? )?(?:(?:it |that )?(?:could|might|may|must) (?:well )?be(?:,? (?:yes|yeah|it|that|so))?|probably(?: yes| so)?|most likely|(?:i )?(?:expect|imagine) so)\W*$/.test(
      text,
    )
  )
    return [{ kind: "yes", value: true, rule: "yes/so-to-say", start: lead, end: lead + text.length }];
  // "Yes, but at four" changes something; it agrees to nothing yet.
  if (yes && /^[,. ]*but\b/.test(text.slice(yes[0].length))) return [];
  if (yes) {
    if (
      /^(?:right|good|ok(?:ay)?|well|do|great|fine)\b(?: (?:now|morning|afternoon|evening|you|away|after|before|at|on|around))\b/.test(text) &&
      !/^do (?:it|that|so)/.test(text)
    )
      return [];
    return [{ kind: "yes", value: true, rule: "yes/yes", start: lead, end: lead + yes[0].length }];
  }
  return [];
}

const CHOICES: { value: ChoiceValue; pattern: RegExp }[] = [
  {
    value: "none",
    pattern:
      /\b(?:neither|none|not (?:any|either|those|these)(?!,? (?:but |something |a bit |any )?(?:later|earlier|sooner)\b)|not keen on either) ?(?:of (?:those|them|these))?\b|\b(?:those|they|these|that) (?:don't|doesn't|do not|won't|wouldn't) (?:work|suit|do)\b|\bnone of (?:those|them|these)\b|\bsomething else\b|\b(?:is (?:that|this)|are (?:those|these|they)) (?:all|the only (?:ones?|times?|slots?))\b/g,
  },
  {
    value: "first",
    pattern:
      /\b(?:the )?(?:very )?(?:first|1st)(?: (?:one|time|slot|option|choice|opening|offer|of (?:those|them|these|the \w+)))?\b(?<!\b(?:my|a) first)(?! (?:visit|thing|time (?:here|there|at|with|coming|i)|appointment|available|name|week|of \w+ber))/g,
  },
  { value: "second", pattern: /\b(?:the )?(?:second|2nd)(?: (?:one|time|slot|option|choice|opening|offer))?\b|\b(?:the )?middle (?:one)?\b/g },
  { value: "third", pattern: /\b(?:the )?(?:third|3rd)(?: (?:one|time|slot|option|choice))?\b/g },
  {
    value: "last",
    pattern:
      /\b(?:the |)(?:very )?(?:last|final|latest|third and last)(?: (?:one|time|slot|option|of (?:those|them|these)))?\b(?! (?:time i|week|visit|month|year|night|thing))/g,
  },
  {
    value: "later",
    pattern:
      /\bthe (?:later|late(?= one))(?: (?:one|time|slot|option))?\b|\blater of the\b|\bthe latter\b|\bwhichever(?: one)?(?: is|'s) (?:the )?(?:later|latest)\b/g,
  },
  {
    value: "earlier",
    pattern:
      /\b(?:the |whichever is |whichever's )(?:earlier|earliest|former|sooner|soonest|early(?= one))(?: (?:one|time|slot|option|of (?:those|them|these)))?\b/g,
  },
  {
    value: "any",
    pattern:
      /\b(?:either(?: one| of (?:those|them|these))?(?: is| works| will do)?(?=\W*$|[,.;!?]| (?:is|works|will|would|suits?|please|then|for me|fine|ok|good)\b)|any of (?:those|them|these)|any ?time(?: is| works| will do)?(?= (?:fine|good|ok)|[.,! ]*$)|whichever|whatever(?: (?:you have|you've got|works|is free|suits you|is there))|surprise me|you (?:choose|pick|decide)|both (?:work|are fine))\b/g,
  },
];

/** Right before a choice among what somebody has. */
const OF_THEIRS = /\b(?:cancel|move|change|drop|reschedule|shift|switch|swap|postpone|call off)\s+(?:only |just )?$/;

const NEAREST = /\b(?:the |what's (?:the )?|whichever(?:'s| is) (?:the )?)(?:nearest|closest)(?: (?:one|time|slot|to (?:that|it|then)))?\b/g;

/** Finds a choice among what was offered. */
export function choices(said: Said, at: Moment): Found[] {
  if (
    at.expects !== "slot" &&
    at.expects !== "which-appointment" &&
    at.expects !== "day" &&
    at.expects !== "service" &&
    at.expects !== "length" &&
    at.expects !== "go-ahead" &&
    at.expects !== "anything" &&
    at.expects !== "errand" &&
    at.expects !== undefined
  )
    return [];
  const out: Found[] = [];
  // What was offered begins with what lies nearest to the wish.
  if (at.expects === "slot")
    for (const m of eachMatch(NEAREST, said.norm))
      out.push({ kind: "choice", value: "first", rule: "choice/nearest", start: m.index, end: m.index + m[0].length });
  for (const c of CHOICES)
    for (const m of eachMatch(c.pattern, said.norm)) {
      // Nothing was offered: only what can be nothing else is a choice.
      if (
        (at.expects === undefined || at.expects === "go-ahead" || at.expects === "anything" || at.expects === "errand") &&
        !/\bone\b|of (?:those|them|these)|latter|neither|either|whichever|option/.test(m[0]) &&
        // "Cancel the first", of several that they have.
        !(
          /^the /.test(m[0]) &&
          OF_THEIRS.test(said.norm.slice(0, m.index)) &&
          !/(?:\d|day\b)[^.;?!]*$/.test(said.norm.slice(0, m.index)) &&
          /^(?:\W*$|[,.;!?]| (?:please|to|and|but|until|till)\b)/.test(said.norm.slice(m.index + m[0].length))
        )
      )
        continue;
      if (out.some((o) => o.start < m.index + m[0].length && m.index < o.end)) continue;
      // "Is it free to talk to you first" chooses nothing.
      if (/^(?:first|last|second|third)$/.test(m[0]) && said.tokens.length > 4) continue;
      out.push({ kind: "choice", value: c.value, rule: "choice/" + c.value, start: m.index, end: m.index + m[0].length });
    }
  if (at.expects === "slot" || at.expects === "which-appointment") {
    const bare = /^(?:option |number |no\.? )?([123]|one|two|three)(?: please)?[.!]?$/.exec(said.norm.trim());
    if (
      /^(?:any|anything|any one|all fine|no preference|(?:i )?don't (?:really |actually |much )?mind)(?: please| is fine| will do)?[.!]?$/.test(
        said.norm.trim(),
      ) &&
      out.length === 0
    )
      out.push({ kind: "choice", value: "any", rule: "choice/any", start: 0, end: said.norm.length });
    if (bare && /option|number|no/.test(bare[0]))
      out.push({
        kind: "choice",
        value: (["first", "second", "third"] as const)[num(bare[1] as string) - 1] ?? "first",
        rule: "choice/number",
        start: 0,
        end: said.norm.length,
      });
  }
  return out;
}

const SHIFTS: { value: ShiftValue; pattern: RegExp }[] = [
  { value: "another-day", pattern: /\b(?:another|a different|some other|other|any other) days?\b|\bdifferent day\b/g },
  {
    value: "another-time",
    pattern:
      /\b(?:another|a different|some other|other|any other|different|more) (?:times?|slots?|options?|openings?)\b|\banything else(?=\?| (?:free|available|going|open|that day|then|today|tomorrow|(?:on )?(?:mon|tues|wednes|thurs|fri|satur|sun)day)\b)|\bwhat else\b/g,
  },
  {
    value: "later",
    pattern:
      /\b(?:(?:something|anything|nothing|a (?:bit|little)|bit|any|somewhat|have|got|come(?: in| by| over| round)?|make it|be|no,?|rather|even) later(?! than (?!that|those|these|planned|booked|agreed|arranged))|later (?:than that|in the day|on|please|if)|^(?:or )?(?:even )?later(?: even)?$|not (?:that|so|this|quite so|quite that) early|(?<!not |is that |is it |be )too early)\b/g,
  },
  {
    value: "earlier",
    pattern:
      /\b(?:(?:something|anything|nothing|a (?:bit|little)|bit|any|somewhat|have|got|come(?: in| by| over| round)?|make it|see me|be|no,?|rather|even|get one|(?:get|fit|squeeze) (?:me|us) in|get in) (?:earlier|sooner)(?! than (?!that|those|these|planned|booked|agreed|arranged))|(?:earlier|sooner) (?:than that|please|if)|(?:bring|pull|move|push) (?:it|that|this|mine) forward(?! (?:by|to|a|an|one|two|half)\b)|^(?:or )?(?:even )?(?:earlier|sooner)(?: even)?$|not (?:that|so|this|quite so|quite that) late|(?<!not |is that |is it |be )too late)\b/g,
  },
];

const BY_HOW_MUCH =
  "half an hour|an hour and a half|(?:an|one|two|three|four|a couple of|[1-4]) hours?|(?:\\d{1,3}|ten|fifteen|twenty|thirty|forty[- ]five) minutes?|a quarter of an hour|(?:a|one|two|three|[1-4]) weeks?|(?:a|one|two|three|a couple of|[1-6]) days?";
const SHIFTED_BY = new RegExp(
  `\\b(${BY_HOW_MUCH}) (later|earlier|sooner|back|forward)\\b|\\b(?:by|back|forward|off) (?:by )?(${BY_HOW_MUCH})\\b|\\b(?:move|push|shift|put|bump|delay|postpone) (?:it|that|this|mine|them|everything|my [a-z]+|the [a-z]+)(?: back| on| out| off)? (?:by )?(${BY_HOW_MUCH})\\b(?! (?:later|earlier|sooner|back|forward))`,
  "g",
);

/** Finds a wish for other times than those offered. */
export function shifts(said: Said): Found[] {
  const measured = [...said.norm.matchAll(SHIFTED_BY)].map((m): Found => {
    const size = m[1] ?? m[3] ?? m[4] ?? "";
    const unit = /week/.test(size) ? 10_080 : /day/.test(size) ? 1440 : /hour/.test(size) ? 60 : 1;
    const first = size.split(" ")[0] as string;
    const n = /and a half/.test(size)
      ? 1.5
      : /half/.test(size)
        ? 0.5
        : /quarter/.test(size)
          ? 0.25
          : /couple/.test(size)
            ? 2
            : unit === 1
              ? minutesOf(size.replace(/ minutes?$/, ""))
              : num(first);
    const earlier = /earlier|sooner|forward/.test(m[0]);
    return { kind: "shift", value: earlier ? "earlier" : "later", byMin: Number(n) * unit, rule: "shift/by", start: m.index, end: m.index + m[0].length };
  });
  // "Push it back an hour" is later by that; "extend it by an hour" is longer by that.
  const later = measured.filter((f) => !/\b(?:extend|lengthen|prolong|shorten|longer|shorter)\b[^.;?!]*$/.test(said.norm.slice(0, f.start)));
  if (later.length > 0) return later;
  return SHIFTS.flatMap((s) =>
    [...said.norm.matchAll(s.pattern)].map((m): Found => ({
      kind: "shift",
      value: s.value,
      rule: "shift/" + s.value,
      start: m.index,
      end: m.index + m[0].length,
    })),
  );
}

const RELATIVE =
  "(?:mother|father|sister|brother|son|daughter)[- ]in[- ]law|teenager|toddler|twins?|granny|grandad|hubby|missus|cousin|flatmate|roommate|son|daughter|kid|child|boy|girl|wife|husband|partner|mother|mommy|mummy|mom|mum|mama|father|daddy|papa|dad|friend|mate|pal|buddy|brother|bro|sister|sis|nan|nana|grandpa|auntie|lad|grandmother|grandma|grandfather|grandson|granddaughter|boyfriend|girlfriend|neighbour|neighbor|colleague|aunt|uncle|niece|nephew|fiance|fiancee";

const BOTH = new RegExp(
  `\\b(?:for my (?:${RELATIVE})(?:,? (?:\\d+|aged \\d+),?)?,? and (?:(?:one|another|a) )?(?:for )?(?:me|myself|i)\\b|me and (?:my|a) (?:${RELATIVE})|my (?:${RELATIVE}) and (?:i|me|myself)|both of us|us both|me and (?:my|a|our) [a-z]{3,}|(?:and )my (?:${RELATIVE}) too)(?: both)?\\b`,
  "g",
);
const WITH_ONE = new RegExp(
  `\\b(?:come|coming|join|attend|sign up|go|be there)\\b[^.;?!]{0,24}\\b(?:together )?with (?:a|my|one) (?:\\w+ )?(?:${RELATIVE})\\b`,
  "g",
);
const MAY_COME = new RegExp(
  `\\b(?:(?:can|could|may) (?:my|our) (${RELATIVE}) (?:get|have|come(?! (?:in |into |inside |along |through |to |up )?(?:[a-z]+ ){0,3}(?:with (?:me|us)|along|and (?:watch|sit|wait)))|see|do|join|try)|(?:fit|get|book|squeeze|put|schedule|sign|enrol|register|have) (?:my|our) (${RELATIVE})\\b|my (${RELATIVE})(?: \\w+)? (?:needs|wants|would (?:like|love)|is (?:\\w+ (?:and |years? old and )|\\w+ ){0,2}(?:would|wants|needs|failing|struggling|keen|looking)))\\b`,
  "g",
);
const SPOKEN_OF = new RegExp(
  `\\b(?:treat|take) (?:my|our) (${RELATIVE})\\b|\\b(?:my|our) (${RELATIVE})\\b[^.?!]{0,60}\\b(?:book|get|see|fit|squeeze|bring|put|help|treat|schedule) (?:her|him|them)\\b`,
  "g",
);
const ABOUT_ONE = new RegExp(
  `\\b(?:it's|it is|this is|that's|i'm (?:calling|ringing|writing|asking|phoning|here)|i am (?:calling|ringing|writing)|calling|ringing) about (?:my|our) (?:\\w+ )?(${RELATIVE})\\b(?!'s)`,
  "g",
);
const FOR_WHOM = new RegExp(`\\bfor (?:my|our|a) (?:(?:\\w+|\\d+[- ]year[- ]old) )?(${RELATIVE})\\b`, "g");

/** Finds how many places, and for whom a visit is. */
export function company(said: Said): Found[] {
  const out: Found[] = [];
  // "Me and my two kids" are three.
  for (const m of eachMatch(/\b(?:me|myself|i) and (?:my |our )?(two|three|four|five|2|3|4|5) (?:other |more )?[a-z]+s?\b/g, said.norm))
    out.push({ kind: "places", value: num(m[1] as string) + 1, rule: "places/me-and", start: m.index, end: m.index + m[0].length });
  if (out.length > 0) return out;
  for (const m of eachMatch(
    /(?<![:.\d])\b(\d{1,2}|two|too|three|four|for(?= of us)|five|six|seven|eight|nine|ten|a couple of|couple of|one) (?:places?|dogs|pups|puppies|cats|pets|kids|children|adults|boys|girls|cars|bikes|bicycles|spots?|spaces?|seats?|mats?(?! (?:class|pilates))|people|ppl|pax|persons?|tickets?|of us)\b/g,
    said.norm,
  )) {
    const value = /couple|too/.test(m[1] as string) ? 2 : m[1] === "for" ? 4 : num(m[1] as string);
    // "Pictures of our three kids" tells how many somebody has, and books no places.
    if (/\b(?:of|about|with) (?:my|our|the|his|her) $/.test(said.norm.slice(0, m.index))) continue;
    if (value > 0) out.push({ kind: "places", value, rule: "places/count", start: m.index, end: m.index + m[0].length });
  }
  if (out.length === 0)
    for (const m of eachMatch(
      /\bfor (two|three|four|2|3|4)(?= (?:dogs|pups|puppies|kids|children|pets|people|adults)| *(?:$|[,.!?]| please| on| in| at| for| this| next| actually| then| instead))/g,
      said.norm,
    ))
      out.push({ kind: "places", value: num(m[1] as string), rule: "places/for", start: m.index, end: m.index + m[0].length });
  if (out.length === 0)
    for (const m of eachMatch(
      /\b(?:me|myself|i) and (two|three|four|five|2|3|4|5) (?:friends?|others?|more|colleagues?|kids|children|sisters|brothers)\b|\b(?:me|myself) and my (two|three|four) \w+s\b/g,
      said.norm,
    ))
      out.push({ kind: "places", value: num((m[1] ?? m[2]) as string) + 1, rule: "places/me-and", start: m.index, end: m.index + m[0].length });
  // "I need two appointments": of one kind, where no other is named.
  if (out.length === 0)
    for (const m of eachMatch(
      /\b(?:need|want|like|book|make|get|have for us|looking for|after) (?:us )?(two|three|four|[2-4]) (?:appointments|visits|slots|bookings|sessions|lessons|treatments)\b/g,
      said.norm,
    ))
      out.push({
        kind: "places",
        value: num(m[1] as string),
        rule: "places/visits",
        // The word that asks for them tells of the errand.
        start: m.index + m[0].lastIndexOf(` ${m[1] as string} `) + 1,
        end: m.index + m[0].length,
      });
  // "Two for the class on Thursday".
  if (out.length === 0)
    for (const m of eachMatch(
      /(?<!\b(?:at|to|till|until|past|by|around|about|before|after|from|and|or|for) )(?<![:.\d])\b(two|three|four|five|six|[2-6]) for (?:the|this|that|your|tonight's|today's|tomorrow's|\w+day's|(?:mon|tues|wednes|thurs|fri|satur|sun)day)(?! (?:\d|morning|afternoon|evening))/g,
      said.norm,
    ))
      out.push({ kind: "places", value: num(m[1] as string), rule: "places/for-the", start: m.index, end: m.index + (m[1] as string).length + 4 });
  // "Just us two".
  if (out.length === 0)
    for (const m of eachMatch(/\b(?:just |only )?us (two|three|four|both)\b/g, said.norm))
      out.push({ kind: "places", value: m[1] === "both" ? 2 : num(m[1] as string), rule: "places/we-are", start: m.index, end: m.index + m[0].length });
  // "A trim for me and the boy".
  if (out.length === 0)
    for (const m of eachMatch(
      /\bfor (?:me|myself) and (?:the (?:boy|girl|lad|wee one|little one|missus|wife|husband|baby|kid)|a (?:friend|mate))\b/g,
      said.norm,
    ))
      out.push({ kind: "places", value: 2, rule: "places/both", start: m.index, end: m.index + m[0].length });
  // "Three places. No, make it two": the number that is said last.
  const counted = out.at(-1);
  const anew = counted
    ? /\b(?:make (?:it|that)|no,? only|no,? just|sorry,? only|sorry,?|rather|actually)\s+(one|two|three|four|five|2|3|4|5)(?=\W*(?:$|[,.;!]|please\b))/g.exec(
        said.norm.slice(counted.end),
      )
    : null;
  if (counted && anew)
    out.push({
      kind: "places",
      value: num(anew[1] as string),
      rule: "places/corrected",
      start: counted.end + anew.index,
      end: counted.end + anew.index + anew[0].length,
    });
  // "We're four", "there will be three of us".
  if (out.length === 0)
    for (const m of eachMatch(
      /\b(?:we(?:'re| are| will be|'ll be)|there(?:'s| are|'ll be| will be)) (?:only |just )?(two|three|four|five|six|2|3|4|5|6)(?= *(?:$|[,.!?]|and\b|people|in\b|so\b|of us|who\b))/g,
      said.norm,
    ))
      out.push({ kind: "places", value: num(m[1] as string), rule: "places/we-are", start: m.index, end: m.index + m[0].length });
  // "For my girls, seven and nine": as many as there are ages.
  if (out.length === 0)
    for (const m of eachMatch(
      /\b(?:for )?(?:my|our) (?:girls|boys|kids|children|sons|daughters|grandchildren|grandsons|granddaughters|nieces|nephews|little ones),? [(]?(?:aged |who are |they're |they are )?((?:\d{1,2}|[a-z]+)(?:, (?:\d{1,2}|[a-z]+))* and (?:\d{1,2}|[a-z]+))\b/g,
      said.norm,
    )) {
      const ages = (m[1] as string).split(/, | and /);
      if (ages.every((a) => num(a) > 0 && num(a) < 18))
        out.push({ kind: "places", value: ages.length, rule: "places/by-ages", start: m.index, end: m.index + m[0].length });
    }
  // "Saturday is good, both of them".
  if (out.length === 0)
    for (const m of eachMatch(
      /\b(?:for )?(?:both|the two|all three|all four) of (?:them|us|my (?:kids|children|boys|girls))\b|\bboth my (?:kids|children|boys|girls|daughters|sons)\b/g,
      said.norm,
    ))
      out.push({ kind: "places", value: /three/.test(m[0]) ? 3 : /four/.test(m[0]) ? 4 : 2, rule: "places/both", start: m.index, end: m.index + m[0].length });
  // "My twins both need a cut".
  if (out.length === 0)
    for (const m of eachMatch(/\b(?:my|our|the) twins\b/g, said.norm))
      out.push({ kind: "places", value: 2, rule: "places/both", start: m.index, end: m.index + m[0].length });
  // "Could I come with a friend": of a class only, where places are counted.
  if (out.length === 0)
    for (const m of eachMatch(
      /\bwith (?:my |our )?(two|three|four|2|3|4) (?:other |best |girl|boy)?(?:friends|mates|pals|buddies|colleagues|sisters|brothers|daughters|sons|kids|children|others)\b/g,
      said.norm,
    ))
      out.push({
        kind: "places",
        value: num(m[1] as string) + 1,
        // Whether the others have it done as well, or only come along.
        rule: /^[^.;?!]*\b(?:to (?:get|have)|all|each|matching)\b/.test(said.norm.slice(m.index + m[0].length)) ? "places/me-and" : "places/with",
        start: m.index,
        end: m.index + m[0].length,
      });
  if (out.length === 0)
    for (const m of eachMatch(WITH_ONE, said.norm)) out.push({ kind: "places", value: 2, rule: "places/with", start: m.index, end: m.index + m[0].length });
  if (out.length === 0)
    for (const m of eachMatch(BOTH, said.norm)) out.push({ kind: "places", value: 2, rule: "places/both", start: m.index, end: m.index + m[0].length });
  for (const m of eachMatch(MAY_COME, said.norm))
    // "Me and my sister would like …" speaks of both.
    if (!/\b(?:me|i|myself) and $/.test(said.norm.slice(0, m.index)))
      out.push({ kind: "for-whom", value: (m[1] ?? m[2] ?? m[3]) as string, rule: "for-whom/may-come", start: m.index, end: m.index + m[0].length });
  // "My mum's turning sixty and I'd like to book her a facial".
  for (const m of eachMatch(SPOKEN_OF, said.norm))
    if (!out.some((o) => o.kind === "for-whom"))
      out.push({ kind: "for-whom", value: (m[1] ?? m[2]) as string, rule: "for-whom/spoken-of", start: m.index, end: m.index + m[0].length });
  // "It's about my daughter, she's hurt her ankle".
  for (const m of eachMatch(ABOUT_ONE, said.norm))
    if (!out.some((o) => o.kind === "for-whom"))
      out.push({ kind: "for-whom", value: m[1] as string, rule: "for-whom/about", start: m.index, end: m.index + m[0].length });
  for (const m of eachMatch(FOR_WHOM, said.norm)) {
    out.push({ kind: "for-whom", value: m[1] as string, rule: "for-whom/relative", start: m.index, end: m.index + m[0].length });
  }
  return out;
}
